package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.Puppy;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.PlanItem.Asks;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Answered;
import org.evenlobe.core.record.Answered.Question;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What is open and is asked (rule PLAN_ASKED): whether an order without an end still stands, after
 * its ear's first quiet check or the last day that it covers, then after 14 days, each yes doubling
 * that to 90 at most; whether a torn ear is cleaned all the same; whether a vet saw an ear whose
 * medicine's label wants it cleaned, and knows of a torn drum; whether a dog of unknown birth is a
 * puppy. For example an order of 1 March without an end, quiet since the 8th: asked on the 8th, and
 * after a yes on that day again on the 22nd.
 */
public final class AskSchedule {
  private static final int FIRST_GAP = 14;
  private static final int LONGEST_GAP = 90;
  private static final int ASKED_OF_NEW_DOGS_DAYS = 84;

  private final Situation now;
  private final List<PlanItem> items = new ArrayList<>();

  private AskSchedule(Situation now) {
    this.now = now;
  }

  /** What is asked today, and when orders are asked after next. */
  public static List<PlanItem> items(Situation now) {
    AskSchedule schedule = new AskSchedule(now);
    for (Side side : Side.values()) {
      EarStands ear = now.history().ear(side);
      schedule.stands(ear);
      schedule.torn(ear);
      schedule.label(ear);
      schedule.tornCourse(ear);
    }
    schedule.puppy();
    return schedule.items;
  }

  private void stands(EarStands ear) {
    if (ear.askedFrom().isEmpty()) {
      return;
    }
    VetOrder order = ear.order().orElseThrow();
    List<Answered> yes =
        now.dog().all(Answered.class).stream()
            .filter(one -> one.question() == Question.ORDER_STANDS && one.yes())
            .filter(one -> one.about().filter(order.visit()::equals).isPresent())
            .filter(one -> one.ear().filter(ear.side()::equals).isPresent())
            .filter(now::hasHappened)
            .toList();
    LocalDate due =
        yes.isEmpty()
            ? ear.askedFrom().get()
            : yes.get(yes.size() - 1).day().plusDays(gap(yes.size()));
    if (due.isAfter(now.horizon())) {
      return;
    }
    ask(
        order.visit(),
        "STANDS-" + ear.side(),
        List.of(ear.side()),
        due,
        Optional.of(
            new Asks(Question.ORDER_STANDS, Optional.of(order.visit()), Optional.of(ear.side()))),
        Reason.of(
            Rule.PLAN_ASKED,
            "Does it still stand? Your vet said on %s of the %s: %s."
                .formatted(Quantities.day(order.since()), ear.side().ear(), order.words())));
  }

  private static long gap(int yes) {
    return Math.min(LONGEST_GAP, (long) FIRST_GAP << Math.min(yes - 1, 10));
  }

  /** An order on a torn ear that says nothing of "all the same" is kept, and not planned. */
  private void torn(EarStands ear) {
    if (ear.waitsForTornWord() && ear.order().filter(VetOrder::comesFromALabel).isEmpty()) {
      VetOrder order = ear.order().orElseThrow();
      ask(
          order.visit(),
          "TORN-" + ear.side(),
          List.of(ear.side()),
          now.today(),
          Optional.empty(),
          Reason.of(
              Rule.PLAN_ASKED,
              "Not planned: its eardrum is torn, and your vet ordered to clean it. Ask whether to clean"
                  + " the %s all the same.".formatted(ear.side().ear())));
    }
  }

  /** A label wants the ear cleaned, and nobody knows whether a vet saw it. */
  private void label(EarStands ear) {
    UnderCourse.of(now.dog(), ear.side(), now.today())
        .filter(one -> one.course().cleans() && !one.course().wasSeen())
        .filter(one -> !isCleanedFor(one.course(), ear.side()))
        .filter(one -> ear.order().map(VetOrder::comesFromALabel).orElse(true))
        .ifPresent(
            one ->
                ask(
                    one.course().id(),
                    "LABEL-" + ear.side(),
                    List.of(ear.side()),
                    now.today(),
                    Optional.empty(),
                    Reason.of(
                        Rule.COURSE_ASK,
                        "Ask before the first cleaning: the label of %s wants the %s cleaned, and nobody"
                                .formatted(one.course().what(), ear.side().ear())
                            + " knows whether a vet saw it for this.")));
  }

  private boolean isCleanedFor(Course course, Side side) {
    return now.lastCleaned(side)
        .filter(last -> !last.day().isBefore(course.startsOn()))
        .isPresent();
  }

  private void tornCourse(EarStands ear) {
    if (ear.eardrum() == EardrumKnown.NOT_INTACT) {
      UnderCourse.of(now.dog(), ear.side(), now.today())
          .filter(one -> !one.course().asked().knowsTorn().orElse(false))
          .ifPresent(
              one ->
                  ask(
                      one.course().id(),
                      PlanItem.BEFORE_A_DOSE + ear.side(),
                      List.of(ear.side()),
                      now.today(),
                      Optional.empty(),
                      Reason.of(
                          Rule.COURSE_ASK,
                          "Call before the first dose of %s: the eardrum of the %s is torn, and nobody"
                                  .formatted(one.course().what(), ear.side().ear())
                              + " knows whether your vet knows.")));
    }
  }

  private void puppy() {
    boolean isNew =
        ChronoUnit.DAYS.between(now.dog().addedOn(), now.today()) < ASKED_OF_NEW_DOGS_DAYS;
    if (isNew && Puppy.isAsked(now.dog(), now.today())) {
      ask(
          now.dog().id(),
          "PUPPY",
          List.of(Side.values()),
          now.today(),
          Optional.of(new Asks(Question.IS_A_PUPPY, Optional.empty(), Optional.empty())),
          Reason.of(
              Rule.PLAN_ASKED,
              "Is it under 12 weeks old? A puppy's ears are only wiped, dry or with saline."));
    }
  }

  private void ask(
      UUID about,
      String ordinal,
      List<Side> ears,
      LocalDate due,
      Optional<Asks> question,
      Reason reason) {
    LocalDate day = now.notPast(due);
    PlanItem item =
        PlanItem.of(
            PlanItem.Id.of(now.dog().id(), PlanItem.Kind.ASK, about, ordinal),
            ears,
            new Window(day, day, day),
            now.today(),
            List.of(reason));
    items.add(question.map(item::asking).orElse(item));
  }
}
