package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.Recheck;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.KnownLump;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
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
  private static final int DAYS_TO_VET = 2;
  private static final int NO_BETTER_AFTER_DAYS = 3;
  private static final int ASKED_FOR_DAYS = 7;
  private static final int MONTHS_OF_A_LOOK = 12;
  private static final int ASKED_AGAIN_DAYS = 30;

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
    items.addAll(schedule.made());
    schedule
        .appointment()
        .filter(next -> items.stream().noneMatch(item -> item.window().equals(next.window())))
        .ifPresent(items::add);
    items.addAll(schedule.rechecks(items));
    if (items.isEmpty()) {
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
                              .formatted(Figures.date(seen))
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
      boolean kept =
          lastVisit().filter(visit -> !visit.day().isBefore(made.on())).isPresent()
              || made.on().isBefore(today.minusDays(ASKED_FOR_DAYS));
      if (!made.day().isAfter(today) && !kept) {
        String time = made.time().map(at -> " at " + at).orElse("");
        Reason reason =
            Reason.of(
                Rule.PLAN_VISIT,
                "Appointment on %s%s: %s.".formatted(Figures.date(made.on()), time, made.what()));
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
    if (isHeld && severe.get().sign() == Verdict.URGENT) {
      return severe.map(this::severe);
    }
    Optional<PlanItem> harmed = harmed();
    if (harmed.isPresent()) {
      return harmed;
    }
    if (isHeld) {
      return severe.map(this::severe);
    }
    return found().or(this::underOrder).or(() -> noBetter(unseen)).or(this::grown);
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
                                .formatted(Figures.date(end.day()))
                            + " nothing into the ears until then.")));
  }

  /** The visits that courses end with, while no vet has seen the dog and no date is made. */
  private List<PlanItem> rechecks(List<PlanItem> others) {
    List<PlanItem> items = new ArrayList<>();
    for (Course course : dog.all(Course.class)) {
      Optional<Recheck> recheck =
          Recheck.of(course, dog)
              .filter(one -> course.isBy(today) && !one.isDone())
              .filter(one -> !one.on().isBefore(today.minusDays(PlanItem.HORIZON_DAYS)));
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
    Optional<DogHistory.FoundWhileCleaning> latest = Optional.empty();
    for (Side side : Side.values()) {
      Optional<DogHistory.FoundWhileCleaning> found =
          history.foundWhileCleaning(side).filter(one -> one.verdict().atLeast(Verdict.STOP));
      if (found.isPresent() && history.holds().get(side).isPresent()) {
        sides.add(side);
        latest = found;
      }
    }
    return latest.map(
        one ->
            item(
                one.cleaning(),
                sides,
                new Window(one.day(), one.day().plusDays(1), one.day().plusDays(DAYS_TO_VET)),
                true,
                Reason.of(
                    Rule.CHECK_FOUND_CLEANING,
                    "The cleaning of %s showed a sign: no liquid, and the vet within two days."
                        .formatted(Figures.date(one.day())))));
  }

  /** No better by the third day under an order: the vet is called, the order goes on. */
  private Optional<PlanItem> underOrder() {
    List<Side> sides = Stream.of(Side.values()).filter(history::isNoBetter).toList();
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
                    .formatted(Figures.date(day)))));
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
                        Figures.date(lump.on())))));
  }

  private static Optional<AssessedCheck> last(List<AssessedCheck> checks, Verdict atLeast) {
    for (int i = checks.size() - 1; i >= 0; i--) {
      if (checks.get(i).sign().atLeast(atLeast)) {
        return Optional.of(checks.get(i));
      }
    }
    return Optional.empty();
  }

  private List<Side> heldBy(AssessedCheck check) {
    EarPair<Boolean> held = history.holds().map(Optional::isPresent);
    List<Side> sides = new ArrayList<>();
    for (Side side : Side.values()) {
      boolean its = check.signs().get(side).atLeast(Verdict.STOP);
      if (held.get(side) && (its || check.sign() == Verdict.URGENT)) {
        sides.add(side);
      }
    }
    return sides;
  }

  private PlanItem severe(AssessedCheck check) {
    LocalDate day = check.check().day();
    boolean urgent = check.sign() == Verdict.URGENT;
    Window window =
        urgent
            ? new Window(day, day, day)
            : new Window(day, day.plusDays(1), day.plusDays(DAYS_TO_VET));
    Reason reason =
        Reason.of(
            Rule.PLAN_VISIT,
            urgent
                ? "The check of %s said: the vet today. Put nothing into either ear until then."
                    .formatted(Figures.date(day))
                : "The check of %s said: no liquid, and the vet within two days."
                    .formatted(Figures.date(day)));
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
      if (!latest.signs().get(side).isQuiet()
          && !history.isCovered(side)
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
                .formatted(Figures.date(day)));
    Window window = new Window(day, day.plusDays(1), day.plusDays(DAYS_TO_VET));
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
                                        .formatted(Figures.date(visit.day()))))));
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
