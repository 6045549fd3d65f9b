package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.history.Outing;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.CleaningGuard;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * When one ear comes up, and when again (rules PLAN_DATE, PLAN_WORTH_IT, PLAN_WAITS,
 * PLAN_DUE_BUT_CLEAN, PLAN_WATER, PLAN_CATCH_UP).
 *
 * <p>An ear is due its interval after its last cleaning of any kind; one without a cleaning on
 * record, on the day the dog joined. If a check finds no discharge when it is due, the date moves
 * by half an interval, once. A check that found wax brings it forward; water does where ears are
 * cleaned after water, if the last cleaning is {@value #DAYS_AFTER_WHICH_WATER_CLEANS} days old; an
 * ear that was neglected is caught up with. A check that was not quiet makes it wait for the next
 * one. A vet's order replaces all of these.
 */
public final class EarTurns {
  static final int DAYS_AFTER_WHICH_WATER_CLEANS = 3;

  private static final int OUTING_DAYS = 2;

  /** Turns by the calendar are numbered by their day, counted from 1970. */
  private static final int FIRST_NAMED = 10_000;

  private final Situation now;
  private final Side side;
  private final EarCourse ear;
  private final LocalDate nextCheck;

  EarTurns(Situation now, Side side, EarCourse ear, LocalDate nextCheck) {
    this.now = now;
    this.side = side;
    this.ear = ear;
    // a check that is overdue is waited for all the same
    this.nextCheck = now.notPast(nextCheck);
  }

  /** The next turn; empty while nothing may go into the ear, and where nothing is planned. */
  Optional<Turn> first() {
    // what a label orders is its course's
    Optional<VetOrder> order = ear.plan().order().filter(one -> !one.comesFromALabel());
    boolean leftAlone = order.filter(one -> !one.cleans()).isPresent();
    if (ear.plan().hold().isPresent() || (ear.plan().mayGoIn() == MayGoIn.NONE && !leftAlone)) {
      return Optional.empty();
    }
    if (order.isPresent()) {
      return afterOrder(order.get());
    }
    if (ear.plan().course().isPresent()) {
      return afterCourse(ear.plan().course().get());
    }
    Optional<Turn> turn = afterWater(now.today().minusDays(1), bySchool());
    turn = earlier(worthIt(), turn);
    turn = earlier(caughtUp(), turn);
    turn = earlier(afterOuting(), turn);
    return ear.waits() ? turn.map(next -> next.afterCheck(nextCheck, waits())) : turn;
  }

  /** What follows a turn that is done or skipped on a day, by whatever rhythm stands then. */
  Optional<Turn> next(Turn turn, LocalDate done, Optional<String> skipped) {
    // a person may have put a turn before the last one that a vet ordered
    LocalDate from = lastOrdered().map(last -> Figures.later(last, done)).orElse(done);
    int interval = ear.bySchool().days();
    Reason again = skipped.map(this::skippedBefore).orElse(repeated(interval));
    Optional<Turn> next =
        ear.bySchool().routine()
            ? Optional.of(following(turn, from, interval, again))
            : Optional.empty();
    return ear.plan().order().filter(one -> !one.comesFromALabel()).isPresent()
        ? next
        : afterWaterFollowing(turn, from, next);
  }

  private Optional<CalendarTurns> calendar() {
    UUID fact = ear.last().map(LastCleaned::fact).orElse(now.dog().id());
    return ear.bySchool().routine()
        ? now.preferences().namedDays().map(days -> new CalendarTurns(days, side, fact))
        : Optional.empty();
  }

  private Turn following(Turn turn, LocalDate from, int interval, Reason reason) {
    Optional<CalendarTurns> calendar = calendar();
    if (calendar.isPresent()) {
      boolean byCalendar = turn.ordinal() > FIRST_NAMED;
      LocalDate named = byCalendar ? LocalDate.ofEpochDay(turn.ordinal()) : from;
      return calendar.get().after(named, from);
    }
    return Turn.around(
        side, from.plusDays(interval), interval, turn.fact(), turn.ordinal() + 1, List.of(reason));
  }

  private static Optional<Turn> earlier(Optional<Turn> one, Optional<Turn> other) {
    if (one.isEmpty() || other.isEmpty()) {
      return one.or(() -> other);
    }
    return one.get().isBefore(other.get()) ? one : other;
  }

  private Optional<Turn> bySchool() {
    if (!ear.bySchool().routine()) {
      return Optional.empty();
    }
    Optional<CalendarTurns> calendar = calendar();
    if (calendar.isPresent()) {
      return calendar.map(
          days -> days.open(now.today(), ear.last().map(LastCleaned::day), now.dog().addedOn()));
    }
    int interval = ear.bySchool().days();
    if (ear.last().isEmpty()) {
      return Optional.of(
          unlessClean(
              Turn.around(
                  side, now.dog().addedOn(), interval, now.dog().id(), 0, List.of(firstEver()))));
    }
    LastCleaned last = ear.last().get();
    List<Reason> reasons = new ArrayList<>(ear.bySchool().reasons());
    reasons.add(0, counted(last.day(), interval));
    LocalDate best = last.day().plusDays(interval);
    return Optional.of(unlessClean(Turn.around(side, best, interval, last.fact(), 0, reasons)));
  }

  /** A fixed day stays where it is, whatever a check found. */
  private Turn unlessClean(Turn turn) {
    if (ear.bySchool().mode() == SchedulingMode.FIXED) {
      return turn;
    }
    return now.foundClean(side, turn.best())
        .map(
            day -> {
              int days = Figures.halfUp(turn.interval() / 2.0);
              return turn.movedTo(day.plusDays(days), foundClean(day, days));
            })
        .orElse(turn);
  }

  /** What a vet ordered is laid by {@link OrderSchedule}; after its last day the school stands. */
  private Optional<Turn> afterOrder(VetOrder order) {
    if (order.instruction().until().isEmpty()) {
      return Optional.empty();
    }
    LocalDate until = order.instruction().until().get();
    Optional<Turn> after =
        bySchool().map(turn -> turn.closedUntil(until.plusDays(1), afterOrder(until)));
    return lastOrdered()
        .map(
            last ->
                after.map(
                    turn -> turn.notBefore(last.plusDays(turn.interval()), afterOrder(until))))
        .orElse(after);
  }

  /** The cleanings up to its last dose are the course's, laid by {@link OrderSchedule}. */
  private Optional<Turn> afterCourse(UnderCourse course) {
    return course
        .until()
        .flatMap(
            until ->
                bySchool()
                    .map(
                        turn ->
                            turn.notBefore(
                                until.plusDays(course.cleans() ? turn.interval() : 1),
                                afterCourse(course, until))));
  }

  /** The last day on which it is cleaned by an order, where that has an end. */
  private Optional<LocalDate> lastOrdered() {
    return ear.plan()
        .order()
        .filter(order -> order.cleans() && !order.comesFromALabel())
        .flatMap(
            order ->
                order
                    .instruction()
                    .until()
                    .map(until -> OrderSchedule.lastDay(now, side, order, until)));
  }

  private Optional<Turn> worthIt() {
    return ear.worthIt()
        .map(
            look ->
                new Turn(
                    side,
                    new Window(look.day(), look.day(), look.day().plusDays(1)),
                    ear.bySchool().days(),
                    look.check(),
                    0,
                    false,
                    Turn.Given.BY_RHYTHM,
                    List.of(worthIt(look))));
  }

  private Optional<Turn> caughtUp() {
    return ear.catchUp()
        .filter(run -> ear.plan().mayGoIn() == MayGoIn.IN_EAR)
        .flatMap(
            run ->
                run.next()
                    .map(
                        day ->
                            new Turn(
                                side,
                                new Window(day, day, day),
                                ear.bySchool().days(),
                                run.last(),
                                0,
                                true,
                                Turn.Given.BY_RHYTHM,
                                List.of(run.reason()))));
  }

  /** Where the household cleans after a hike or in a new place: within two days of it. */
  private Optional<Turn> afterOuting() {
    boolean mayPour = ear.allows() && ear.plan().mayGoIn() == MayGoIn.IN_EAR;
    if (!now.preferences().also().cleanAfterOutings() || !mayPour) {
      return Optional.empty();
    }
    LocalDate soonest =
        ear.last().map(last -> last.day().plusDays(CleaningGuard.DAYS)).orElse(LocalDate.MIN);
    return now.dog().all(Exposure.class).stream()
        .filter(one -> one.kind() == ExposureKind.FIELD || one.kind() == ExposureKind.PLACE)
        .map(Exposure::lastDay)
        .filter(
            day -> !day.isAfter(now.today()) && !day.plusDays(OUTING_DAYS).isBefore(now.today()))
        .filter(day -> ear.last().map(last -> last.day().isBefore(day)).orElse(true))
        .filter(day -> !soonest.isAfter(day.plusDays(OUTING_DAYS)))
        .max(LocalDate::compareTo)
        .map(
            day ->
                new Turn(
                    side,
                    new Window(
                        Figures.later(day, soonest),
                        Figures.later(day, soonest),
                        day.plusDays(OUTING_DAYS)),
                    ear.bySchool().days(),
                    ear.last().map(LastCleaned::fact).orElse(now.dog().id()),
                    0,
                    true,
                    Turn.Given.BY_RHYTHM,
                    List.of(
                        Reason.of(
                            Rule.PLAN_OUTING,
                            "It was out on %s: your household cleans within two days of that."
                                .formatted(Quantities.day(day))))));
  }

  private Optional<Turn> afterWater(LocalDate from, Optional<Turn> planned) {
    UUID fact = ear.last().map(LastCleaned::fact).orElse(now.dog().id());
    return afterWater(from, ear.last().map(LastCleaned::day), planned, fact, 0);
  }

  private Optional<Turn> afterWaterFollowing(Turn turn, LocalDate done, Optional<Turn> planned) {
    return afterWater(
        now.today().plusDays(1), Optional.of(done), planned, turn.fact(), turn.ordinal() + 1);
  }

  /** The planned turn, or the end of the first outing before it. */
  private Optional<Turn> afterWater(
      LocalDate from, Optional<LocalDate> cleaned, Optional<Turn> planned, UUID fact, int ordinal) {
    boolean mayPour = ear.allows() && ear.plan().mayGoIn() == MayGoIn.IN_EAR;
    if (!now.cleansAfterWater() || ear.waits() || !mayPour) {
      return planned;
    }
    LocalDate soonest =
        cleaned.map(day -> day.plusDays(DAYS_AFTER_WHICH_WATER_CLEANS)).orElse(from);
    for (Outing outing : now.wet().ahead()) {
      LocalDate day = outing.last();
      boolean counts =
          !day.isBefore(from)
              && !day.isBefore(soonest)
              && !day.isAfter(now.horizon())
              && (day.isAfter(now.today()) || now.wet().isRecorded(day));
      if (!counts) {
        continue;
      }
      if (planned.filter(turn -> !turn.best().isAfter(day)).isPresent()) {
        return planned;
      }
      Window window = new Window(day, day, day.plusDays(1));
      return Optional.of(
          planned
              .map(turn -> turn.at(window, water(day)))
              .orElse(
                  new Turn(
                      side,
                      window,
                      ear.bySchool().days(),
                      fact,
                      ordinal,
                      true,
                      Turn.Given.BY_RHYTHM,
                      List.of(water(day)))));
    }
    return planned;
  }

  private Reason firstEver() {
    return Reason.of(
        Rule.PLAN_FIRST,
        "No cleaning of the "
            + side.ear()
            + " is on record. If it looks waxy and not sore, a first one now is what all later dates"
            + " count from.");
  }

  private Reason counted(LocalDate last, int interval) {
    int daysAgo = (int) ChronoUnit.DAYS.between(last, now.today());
    String ago = daysAgo == 0 ? "today" : "%s ago".formatted(Figures.count(daysAgo, "day"));
    return Reason.of(
            Rule.PLAN_DATE,
            "The %s was last cleaned %s and is planned every %s."
                .formatted(side.ear(), ago, Figures.count(interval, "day")))
        .with("daysAgo", daysAgo)
        .with("interval", interval);
  }

  private Reason foundClean(LocalDate day, int days) {
    return Reason.of(
            Rule.PLAN_DUE_BUT_CLEAN,
            "The %s was due, but the check of %s found nothing in it: moved by half an interval, %s."
                .formatted(side.ear(), Quantities.day(day), Figures.count(days, "day")))
        .with("days", days);
  }

  private Reason worthIt(EarLook look) {
    return look.heavy()
        ? Reason.of(
            Rule.PLAN_HEAVY,
            "The check of %s found the %s full of wax: clean it tomorrow at the latest."
                .formatted(Quantities.day(look.day()), side.ear()))
        : Reason.of(
            Rule.PLAN_WORTH_IT,
            "The check of %s found wax in the %s that is worth taking out (%s)."
                .formatted(Quantities.day(look.day()), side.ear(), Verdict.CLEAN.words()));
  }

  private Reason water(LocalDate day) {
    String when =
        day.isAfter(now.today())
            ? "Water is expected on " + Quantities.day(day)
            : "Its ears were wet on " + Quantities.day(day);
    return Reason.of(
            Rule.PLAN_WATER,
            when + ": clean the " + side.ear() + " that evening, with a drying cleaner.")
        .with("daysSinceLastAtLeast", DAYS_AFTER_WHICH_WATER_CLEANS);
  }

  private Reason waits() {
    return Reason.of(
        Rule.PLAN_WAITS,
        "The last check of the %s was not quiet: its cleaning waits for the check of %s."
            .formatted(side.ear(), Quantities.day(nextCheck)));
  }

  private static Reason afterCourse(UnderCourse course, LocalDate until) {
    return Reason.of(
        Rule.COURSE_CLEANS,
        "Up to its last dose on %s its cleanings are those of the course of %s; after it, your"
                .formatted(Quantities.day(until), course.course().what())
            + " household's own rhythm stands.");
  }

  private static Reason afterOrder(LocalDate until) {
    return Reason.of(
        Rule.PLAN_VET,
        "Your vet's instruction stands until %s; after it, your household's own rhythm does."
            .formatted(Quantities.day(until)));
  }

  private Reason skippedBefore(String why) {
    return Reason.of(
        Rule.PLAN_SKIPPED,
        "The cleaning of the %s before was skipped: “%s”.".formatted(side.ear(), why));
  }

  private Reason repeated(int interval) {
    return Reason.of(
            Rule.PLAN_DATE,
            "The "
                + side.ear()
                + ", "
                + Figures.count(interval, "day")
                + " after the cleaning planned before.")
        .with("interval", interval);
  }
}
