package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.CleaningGuard;
import org.evenlobe.core.record.NamedDays;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The turns of an ear that is cleaned on named days (rule PLAN_FIXED). They stand by the calendar,
 * and a late cleaning shifts none; one inside a named day's window counts for that day; a day that
 * comes less than 5 days after a cleaning waits for the fifth inside its window, else it is passed
 * over. The window is 2 days either way for days a week apart, else a fifth of the shorter gap.
 *
 * <p>For example every Saturday, cleaned on Tuesday: the Saturday after it would be 4 days later;
 * it is done on Sunday.
 */
final class CalendarTurns {
  private static final int WEEK = 7;
  private static final int SLACK_OF_A_WEEK = 2;

  private final NamedDays days;
  private final Side side;
  private final UUID fact;

  CalendarTurns(NamedDays days, Side side, UUID fact) {
    this.days = days;
    this.side = side;
    this.fact = fact;
  }

  /**
   * The turn that is open on a day, or the next one.
   *
   * @param last the last cleaning
   * @param begun the day the dog joined
   */
  Turn open(LocalDate today, Optional<LocalDate> last, LocalDate begun) {
    LocalDate day = days.before(today.plusDays(WEEK));
    while (window(day).earliest().isAfter(today)) {
      day = days.before(day);
    }
    LocalDate done = last.orElse(begun.minusDays(CleaningGuard.DAYS));
    boolean isDone =
        last.isPresent() ? !done.isBefore(window(day).earliest()) : day.isBefore(begun);
    return isDone || isTooSoon(day, done) ? after(day, done) : turn(day, last);
  }

  /** Whether not even the end of a day's window leaves time enough after a cleaning. */
  private boolean isTooSoon(LocalDate named, LocalDate done) {
    return window(named).latest().isBefore(done.plusDays(CleaningGuard.DAYS));
  }

  /** The turn on the next named day that a cleaning of that day leaves time for. */
  Turn after(LocalDate named, LocalDate done) {
    LocalDate next = days.after(named);
    while (isTooSoon(next, done)) {
      next = days.after(next);
    }
    return turn(next, Optional.of(done));
  }

  private Turn turn(LocalDate named, Optional<LocalDate> done) {
    Window window = window(named);
    LocalDate soonest = done.map(day -> day.plusDays(CleaningGuard.DAYS)).orElse(window.earliest());
    LocalDate best = Figures.later(named, soonest);
    boolean waits = best.isAfter(named);
    Window open =
        new Window(
            Figures.earlier(Figures.later(window.earliest(), soonest), best),
            best,
            Figures.later(window.latest(), best));
    return new Turn(
        side,
        open,
        days.gapAbout(named),
        fact,
        (int) named.toEpochDay(),
        false,
        Turn.Given.BY_RHYTHM,
        List.of(why(named, waits)));
  }

  private Window window(LocalDate named) {
    int gap = days.gapAbout(named);
    int slack = gap == WEEK ? SLACK_OF_A_WEEK : Math.max(1, Figures.halfUp(gap / 5.0));
    return new Window(named.minusDays(slack), named, named.plusDays(slack));
  }

  private Reason why(LocalDate named, boolean waits) {
    String day = "%s is one of your days (%s).".formatted(Quantities.day(named), days.words());
    return Reason.of(
        Rule.PLAN_FIXED,
        waits
            ? day + " It waits for the fifth day after the cleaning before: sooner irritates."
            : day);
  }
}
