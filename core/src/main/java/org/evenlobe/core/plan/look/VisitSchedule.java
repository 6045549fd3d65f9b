package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.Recheck;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.FoundWhileCleaning;
import org.evenlobe.core.history.KnownLump;
import org.evenlobe.core.history.ToldOpen;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Answered;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * When a vet is to see the dog (rule PLAN_VISIT): today after URGENT, within two days after STOP or
 * where CAUTION is no better after 3 days, within a week where a lump has grown by half, until a
 * visit is recorded; today where a medicine did harm (rule COURSE_REACTION); in the last days of a
 * course (rule COURSE_RECHECK); on the day that the vet named; when an appointment is made; and
 * once a year for the eardrums.
 */
public final class VisitSchedule {
  private static final int NO_BETTER_AFTER_DAYS = 3;
  private static final int ASKED_FOR_DAYS = 7;
  private static final int MONTHS_OF_A_LOOK = 12;
  private static final int ASKED_AGAIN_DAYS = 30;
  private static final int ASKED_AFTER_DAYS = 14;
  private static final int CHECKS_BLOCKED = 3;

  private final DogRecord dog;
  private final DogHistory history;
  private final LocalDate today;

  private VisitSchedule(Situation now) {
    this.dog = now.dog();
    this.history = now.history();
    this.today = now.today();
  }

  public static List<PlanItem> items(Situation now) {
    VisitSchedule schedule = new VisitSchedule(now);
    List<PlanItem> items = new ArrayList<>();
    schedule.toBeSeen().ifPresent(items::add);
    schedule.told().ifPresent(items::add);
    schedule.callFirst().ifPresent(items::add);
    items.addAll(schedule.notSeen());
    items.addAll(schedule.asking());
    items.addAll(schedule.made());
    schedule
        .appointment()
        .filter(next -> items.stream().noneMatch(item -> item.window().equals(next.window())))
        .ifPresent(items::add);
    items.addAll(schedule.rechecks(items));
    if (items.stream().noneMatch(item -> item.kind() == PlanItem.Kind.VISIT)) {
      schedule.yearly().ifPresent(items::add);
    }
    return items;
  }

  /**
   * A yearly look (rule PLAN_YEARLY), 12 months after a vet last saw an eardrum, or after the first
   * day on record; where that has passed, it is shown once in {@value #ASKED_AGAIN_DAYS} days and
   * never presses.
   */
  private Optional<PlanItem> yearly() {
    return history
        .begun()
        .map(
            begun -> {
              LocalDate seen =
                  Figures.earlier(lookedAt(Side.RIGHT, begun), lookedAt(Side.LEFT, begun));
              LocalDate due = seen.plusMonths(MONTHS_OF_A_LOOK);
              long late = Math.max(0, ChronoUnit.DAYS.between(due, today));
              long rounds = (late + ASKED_AGAIN_DAYS - 1) / ASKED_AGAIN_DAYS;
              LocalDate day = due.plusDays(rounds * ASKED_AGAIN_DAYS);
              return item(
                  dog.id(),
                  List.of(Side.values()),
                  new Window(day, day, day.plusDays(1)),
                  false,
                  Reason.of(
                      Rule.PLAN_YEARLY,
                      "No vet has looked at the eardrums since %s: have them looked at with the"
                              .formatted(Quantities.day(seen))
                          + " yearly visit."));
            })
        .filter(item -> !item.window().best().isAfter(today.plusDays(PlanItem.HORIZON_DAYS)));
  }

  private LocalDate lookedAt(Side side, LocalDate begun) {
    return history.drumLookedAtOn(side).orElse(begun);
  }

  /** The appointments that are on record and still ahead, or just past and not recorded. */
  private List<PlanItem> made() {
    List<PlanItem> items = new ArrayList<>();
    for (Appointment made : dog.all(Appointment.class)) {
      if (!made.day().isAfter(today) && !isKept(made.on()) && !isLongPast(made.on())) {
        String time = made.time().map(at -> " at " + at).orElse("");
        Reason reason =
            Reason.of(
                Rule.PLAN_VISIT,
                "Appointment on %s%s: %s.".formatted(Quantities.day(made.on()), time, made.what()));
        Window window = new Window(made.on(), made.on(), made.on());
        items.add(item(made.id(), List.of(Side.values()), window, false, reason));
      }
    }
    return items;
  }

  private Optional<VisitRecord> lastVisit() {
    return history.latestVisit();
  }

  /** The checks since the last visit, oldest first. */
  private List<AssessedCheck> unseen() {
    Optional<VisitRecord> visit = lastVisit();
    List<AssessedCheck> checks = history.checks();
    int first = visit.isEmpty() ? 0 : checks.size();
    while (first > 0 && Dated.BY_TIME.compare(checks.get(first - 1).check(), visit.get()) > 0) {
      first--;
    }
    return checks.subList(first, checks.size());
  }

  private Optional<PlanItem> toBeSeen() {
    List<AssessedCheck> unseen = unseen();
    // a STOP that came later makes an URGENT that no vet has seen no less pressing
    Optional<AssessedCheck> severe =
        last(unseen, Verdict.URGENT).or(() -> last(unseen, Verdict.STOP));
    boolean isHeld = severe.isPresent() && !heldBy(severe.get()).isEmpty();
    if (isHeld && severe.get().opening() == Verdict.URGENT) {
      return severe.map(this::severe);
    }
    Optional<PlanItem> harmed = harmed();
    if (harmed.isPresent()) {
      return harmed;
    }
    if (isHeld) {
      return severe.map(this::severe);
    }
    return found()
        .or(this::underOrder)
        .or(() -> noBetter(unseen))
        .or(this::grown)
        .or(this::blocked);
  }

  /** Hair or a mat at three checks running, or a lump that blocks: for a groomer or the vet. */
  private Optional<PlanItem> blocked() {
    List<Side> lump =
        Stream.of(Side.values())
            .filter(side -> history.ear(side).found().has(SeenThing.LUMP_BLOCKING))
            .toList();
    List<Side> hair =
        Stream.of(Side.values())
            .filter(side -> history.ear(side).blockedChecks() >= CHECKS_BLOCKED)
            .toList();
    List<Side> sides = lump.isEmpty() ? hair : lump;
    return sides.isEmpty()
        ? Optional.empty()
        : history
            .lastSeen(sides.get(0))
            .map(
                check ->
                    item(
                        check.check().id(),
                        sides,
                        Window.within(check.check().day(), ASKED_FOR_DAYS),
                        false,
                        Reason.of(
                            Rule.PLAN_VISIT,
                            lump.isEmpty()
                                ? "Hair or a mat has blocked the %s at three checks running: have a groomer or your vet take it out."
                                    .formatted(sides.get(0).ear())
                                : "A lump blocks the %s: have your vet look at it, and only wipe until then."
                                    .formatted(sides.get(0).ear()))));
  }

  /** What others told and is for the vet: somebody looks today, or the vet is called. */
  private Optional<PlanItem> told() {
    return Stream.of(Side.values())
        .flatMap(side -> history.ear(side).told().stream())
        .filter(ToldOpen::isForTheVet)
        .findFirst()
        .map(
            one ->
                item(
                    one.told().id(),
                    List.of(Side.values()),
                    new Window(one.told().day(), one.told().day(), one.told().day()),
                    true,
                    Reason.of(
                        Rule.CHECK_TOLD,
                        "As %s saw it on %s: %s. Look now, or call your vet; put nothing in until then."
                            .formatted(
                                one.told().by(),
                                Quantities.day(one.told().day()),
                                one.seen().stream()
                                    .map(Told.Seen::words)
                                    .collect(Collectors.joining(", "))))));
  }

  /** A look said worse, and the dog is not itself: the vet is asked before anything goes in. */
  private Optional<PlanItem> callFirst() {
    List<Side> sides =
        Stream.of(Side.values()).filter(side -> history.ear(side).callFirst().isPresent()).toList();
    return sides.isEmpty()
        ? Optional.empty()
        : history
            .ear(sides.get(0))
            .callFirst()
            .map(
                look ->
                    item(
                        look.id(),
                        sides,
                        new Window(look.day(), look.day(), look.day()),
                        true,
                        Reason.of(
                            Rule.CHECK_CALL_FIRST,
                            "Worse on %s, and the dog is not itself: call your vet today before going on. Nothing goes in until then; doses go on."
                                .formatted(Quantities.day(look.day())))));
  }

  /** An ear that could not be looked into: it may hurt, or tries have failed on three days. */
  private List<PlanItem> notSeen() {
    List<PlanItem> items = new ArrayList<>();
    for (Side side : Side.values()) {
      history
          .ear(side)
          .unseen()
          .filter(one -> one.presses() || one.wantsHelp())
          .ifPresent(
              one ->
                  items.add(
                      item(
                          one.check(),
                          List.of(side),
                          new Window(one.since(), one.lastTried(), one.lastTried().plusDays(1)),
                          one.presses(),
                          Reason.of(
                              Rule.CHECK_NOT_SEEN,
                              one.presses()
                                  ? "Nobody could look into the %s, and it was not well: it may hurt. Your vet, today or tomorrow."
                                      .formatted(side.ear())
                                  : "Nobody could look into the %s on three days: have a groomer or your vet look."
                                      .formatted(side.ear())))));
    }
    return items;
  }

  /** What has passed long ago presses no more: it is asked once what became of it. */
  private List<PlanItem> asking() {
    List<PlanItem> items = new ArrayList<>();
    dog.all(Appointment.class).stream()
        .filter(made -> !made.day().isAfter(today) && isLongPast(made.on()))
        .filter(made -> !isKept(made.on()))
        .forEach(made -> asking(made.id(), made.on(), made.what()).ifPresent(items::add));
    lastVisit()
        .flatMap(
            visit ->
                visit
                    .next()
                    .filter(this::isLongPast)
                    .flatMap(next -> asking(visit.id(), next, "your vet wanted to see the dog")))
        .ifPresent(items::add);
    for (Course course : dog.all(Course.class)) {
      Recheck.of(course, dog)
          .filter(one -> course.isBy(today) && !one.isDone() && isLongPast(one.on()))
          .flatMap(one -> asking(course.id(), one.on(), "the recheck of " + course.what()))
          .ifPresent(items::add);
    }
    return items;
  }

  private boolean isLongPast(LocalDate day) {
    return ChronoUnit.DAYS.between(day, today) > ASKED_AFTER_DAYS;
  }

  private boolean isKept(LocalDate on) {
    return lastVisit().filter(visit -> !visit.call() && !visit.day().isBefore(on)).isPresent();
  }

  private Optional<Answered> answer(UUID about) {
    return dog.all(Answered.class).stream()
        .filter(one -> one.question() == Answered.Question.STILL_WANTED && one.isBy(today))
        .filter(one -> one.about().filter(about::equals).isPresent())
        .reduce((earlier, later) -> later);
  }

  /** Asked once; said to be wanted still, it is shown once more from that day. */
  private Optional<PlanItem> asking(UUID about, LocalDate on, String what) {
    Optional<Answered> answer = answer(about);
    if (answer.isPresent()) {
      LocalDate said = answer.get().day();
      return answer
          .filter(one -> one.yes() && !isLongPast(said.plusDays(ASKED_FOR_DAYS)))
          .map(
              one ->
                  item(
                      about,
                      List.of(Side.values()),
                      Window.within(said, ASKED_FOR_DAYS),
                      false,
                      Reason.of(
                          Rule.PLAN_VISIT,
                          "Still wanted, as you said on %s: %s."
                              .formatted(Quantities.day(said), what))));
    }
    PlanItem asked =
        PlanItem.of(
                PlanItem.Id.of(dog.id(), PlanItem.Kind.ASK, about, "WANTED"),
                List.of(Side.values()),
                new Window(today, today, today),
                today,
                List.of(
                    Reason.of(
                        Rule.PLAN_ASKED,
                        "%s (%s) has passed: did it take place? Record the visit, or say whether it is still wanted."
                            .formatted(Figures.capital(what), Quantities.day(on)))))
            .asking(
                new PlanItem.Asks(
                    Answered.Question.STILL_WANTED, Optional.of(about), Optional.empty()));
    return Optional.of(asked);
  }

  /** A course was ended because the medicine did harm, and no vet has seen the dog since. */
  private Optional<PlanItem> harmed() {
    return dog.all(CourseEnd.class).stream()
        .filter(end -> end.cause().isHarm() && end.isBy(today))
        .filter(end -> lastVisit().map(visit -> Dated.BY_TIME.compare(visit, end) < 0).orElse(true))
        .reduce((earlier, later) -> later)
        .map(
            end ->
                item(
                    end.id(),
                    List.of(Side.values()),
                    new Window(end.day(), end.day(), end.day()),
                    true,
                    Reason.of(
                        Rule.COURSE_REACTION,
                        "The medicine was stopped on %s because of what it did: the vet today. Put"
                                .formatted(Quantities.day(end.day()))
                            + " nothing into the ears until then.")));
  }

  /** The visits that courses end with, while no vet has seen the dog and no date is made. */
  private List<PlanItem> rechecks(List<PlanItem> others) {
    List<PlanItem> items = new ArrayList<>();
    for (Course course : dog.all(Course.class)) {
      Optional<Recheck> recheck =
          Recheck.of(course, dog)
              .filter(one -> course.isBy(today) && !one.isDone() && !isLongPast(one.on()));
      boolean isMade =
          recheck
              .filter(
                  one ->
                      others.stream()
                          .anyMatch(item -> !item.window().best().isBefore(one.earliest())))
              .isPresent();
      if (recheck.isPresent() && !isMade) {
        items.add(recheck(course, recheck.get()));
      }
    }
    return items;
  }

  private PlanItem recheck(Course course, Recheck recheck) {
    List<Side> ears = course.ears().isEmpty() ? List.of(Side.values()) : List.copyOf(course.ears());
    return item(
        course.id(),
        ears,
        new Window(recheck.earliest(), recheck.on(), recheck.on()),
        false,
        Reason.of(
            Rule.COURSE_RECHECK,
            recheck.isNamed()
                ? "Your vet wants to see the ear after %s.".formatted(course.what())
                : "The last days of %s: have the ear looked at, for an infection that only looks gone"
                        .formatted(course.what())
                    + " comes back."));
  }

  /** A cleaning that showed what no liquid may meet. */
  private Optional<PlanItem> found() {
    List<Side> sides = new ArrayList<>();
    Optional<FoundWhileCleaning> latest = Optional.empty();
    for (Side side : Side.values()) {
      Optional<FoundWhileCleaning> found =
          history.ear(side).foundCleaning().filter(one -> one.verdict().atLeast(Verdict.STOP));
      if (found.isPresent() && history.ear(side).hold().isPresent()) {
        sides.add(side);
        latest = found;
      }
    }
    return latest.map(
        one ->
            item(
                one.cleaning(),
                sides,
                Window.forVet(one.day()),
                true,
                Reason.of(
                    Rule.CHECK_FOUND_CLEANING,
                    one.verdict() == Verdict.URGENT
                        ? "The cleaning of %s showed a sign: the vet today. Put nothing in until then."
                            .formatted(Quantities.day(one.day()))
                        : "The cleaning of %s showed a sign: no liquid, and the vet within two days."
                            .formatted(Quantities.day(one.day())))));
  }

  /** No better by the third day under an order: the vet is called, the order goes on. */
  private Optional<PlanItem> underOrder() {
    List<Side> sides =
        Stream.of(Side.values())
            .filter(side -> history.ear(side).noBetter())
            .filter(side -> !history.ear(side).because().isOpenQuestion())
            .toList();
    if (sides.isEmpty()) {
      return Optional.empty();
    }
    AssessedCheck latest = history.latest().orElseThrow();
    LocalDate day = latest.check().day();
    return Optional.of(
        item(
            latest.check().id(),
            sides,
            new Window(day, day, day.plusDays(1)),
            true,
            Reason.of(
                Rule.PLAN_VISIT,
                "No better on %s than when the vet saw it: call your vet. Go on as ordered until then."
                    .formatted(Quantities.day(day)))));
  }

  /** A lump that has grown by half. */
  private Optional<PlanItem> grown() {
    List<Side> sides =
        Stream.of(Side.values())
            .filter(side -> history.lump(side).filter(KnownLump::grown).isPresent())
            .toList();
    if (sides.isEmpty()) {
      return Optional.empty();
    }
    KnownLump lump = history.lump(sides.get(0)).orElseThrow();
    UUID check = history.latest().orElseThrow().check().id();
    return Optional.of(
        item(
            check,
            sides,
            Window.within(lump.on(), ASKED_FOR_DAYS),
            false,
            Reason.of(
                Rule.PLAN_VISIT,
                "The lump in the %s has grown by half, to %d mm on %s: have it looked at."
                    .formatted(
                        sides.get(0).ear(),
                        lump.latest().millimetres(),
                        Quantities.day(lump.on())))));
  }

  private static Optional<AssessedCheck> last(List<AssessedCheck> checks, Verdict atLeast) {
    for (int i = checks.size() - 1; i >= 0; i--) {
      if (checks.get(i).opening().atLeast(atLeast)) {
        return Optional.of(checks.get(i));
      }
    }
    return Optional.empty();
  }

  private List<Side> heldBy(AssessedCheck check) {
    EarPair<Boolean> held = history.ears().map(EarStands::hold).map(Optional::isPresent);
    List<Side> sides = new ArrayList<>();
    for (Side side : Side.values()) {
      boolean its = check.opens().get(side).atLeast(Verdict.STOP);
      if (held.get(side) && (its || check.opening() == Verdict.URGENT)) {
        sides.add(side);
      }
    }
    return sides;
  }

  private PlanItem severe(AssessedCheck check) {
    LocalDate day = check.check().day();
    boolean urgent = check.opening() == Verdict.URGENT;
    Window window = urgent ? new Window(day, day, day) : Window.forVet(day);
    Reason reason =
        Reason.of(
            Rule.PLAN_VISIT,
            urgent
                ? "The check of %s said: the vet today. Put nothing into either ear until then."
                    .formatted(Quantities.day(day))
                : "The check of %s said: no liquid, and the vet within two days."
                    .formatted(Quantities.day(day)));
    return item(check.check().id(), heldBy(check), window, true, reason);
  }

  /** Two checks of one ear, 3 days apart or more, and neither was quiet. */
  private Optional<PlanItem> noBetter(List<AssessedCheck> unseen) {
    if (unseen.isEmpty()) {
      return Optional.empty();
    }
    AssessedCheck latest = unseen.get(unseen.size() - 1);
    List<Side> sides = new ArrayList<>();
    for (Side side : Side.values()) {
      long days = ChronoUnit.DAYS.between(troubledSince(unseen, side), latest.check().day());
      if (latest.saw(side)
          && !latest.signs().get(side).isQuiet()
          && !history.ear(side).covered()
          && days >= NO_BETTER_AFTER_DAYS) {
        sides.add(side);
      }
    }
    if (sides.isEmpty()) {
      return Optional.empty();
    }
    LocalDate day = latest.check().day();
    Reason reason =
        Reason.of(
            Rule.PLAN_VISIT,
            "It was no better when you looked again on %s: call your vet."
                .formatted(Quantities.day(day)));
    Window window = Window.forVet(day);
    return Optional.of(item(latest.check().id(), sides, window, true, reason));
  }

  /**
   * The first day of the run of checks, ending with the latest, at which that ear was not quiet.
   */
  private static LocalDate troubledSince(List<AssessedCheck> checks, Side side) {
    LocalDate since = checks.get(checks.size() - 1).check().day();
    for (int i = checks.size() - 1; i >= 0 && !checks.get(i).signs().get(side).isQuiet(); i--) {
      since = checks.get(i).check().day();
    }
    return since;
  }

  private Optional<PlanItem> appointment() {
    return lastVisit()
        .flatMap(
            visit ->
                visit
                    .next()
                    .filter(day -> !isLongPast(day))
                    .map(
                        day ->
                            item(
                                visit.id(),
                                List.of(Side.values()),
                                new Window(day, day, day),
                                false,
                                Reason.of(
                                    Rule.PLAN_VISIT,
                                    "Your vet wants to see the dog again, as said on %s."
                                        .formatted(Quantities.day(visit.day()))))));
  }

  private PlanItem item(
      UUID fact, List<Side> ears, Window window, boolean pressing, Reason reason) {
    PlanItem item =
        PlanItem.of(
            PlanItem.Id.of(dog.id(), PlanItem.Kind.VISIT, fact, 0),
            ears,
            window,
            today,
            List.of(reason));
    return pressing ? item.asPressing() : item;
  }
}
