package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.rule.Reason;

/**
 * The next time that one ear comes up.
 *
 * @param side which ear
 * @param window when
 * @param interval what the turn after it is counted with, days
 * @param fact what it counts from
 * @param ordinal how many turns lie between that fact and it
 * @param fixed whether the day is given by what happened, so that no convenience moves it
 * @param given what the day is given by, beyond the household's own rhythm
 * @param reasons why that day
 */
public record Turn(
    Side side,
    Window window,
    int interval,
    UUID fact,
    int ordinal,
    boolean fixed,
    Given given,
    List<Reason> reasons) {

  /** What gives a turn its day, beyond the household's own rhythm. */
  enum Given {
    /** Nothing else. */
    BY_RHYTHM,
    /** A check that is to come first: until then the ear joins no other. */
    BY_CHECK
  }

  static Turn around(
      Side side, LocalDate best, int interval, UUID fact, int ordinal, List<Reason> reasons) {
    return new Turn(
        side,
        Window.around(best, interval),
        interval,
        fact,
        ordinal,
        false,
        Given.BY_RHYTHM,
        reasons);
  }

  /** Whether it may be done together with another ear that comes up first. */
  boolean joins() {
    return given != Given.BY_CHECK;
  }

  LocalDate best() {
    return window.best();
  }

  boolean isBefore(Turn other) {
    return best().isBefore(other.best());
  }

  /** The same turn at another time, for a reason that comes first. */
  Turn at(Window other, Reason reason) {
    return new Turn(side, other, interval, fact, ordinal, true, given, with(reason));
  }

  /** The same turn, which waits for a check of that day where it would come before. */
  Turn afterCheck(LocalDate day, Reason reason) {
    Turn later = notBefore(day, reason);
    return later.equals(this)
        ? this
        : new Turn(
            side, later.window, interval, fact, ordinal, fixed, Given.BY_CHECK, later.reasons);
  }

  Turn notBefore(LocalDate day, Reason reason) {
    if (!best().isBefore(day)) {
      return this;
    }
    LocalDate latest = window.latest().isBefore(day) ? day : window.latest();
    Window later = new Window(day, day, latest);
    return new Turn(side, later, interval, fact, ordinal, fixed, given, with(reason));
  }

  /** The same turn of an ear that is closed until that day: its window does not open before. */
  Turn closedUntil(LocalDate day, Reason reason) {
    Turn later = notBefore(day, reason);
    if (!later.window.earliest().isBefore(day)) {
      return later;
    }
    Window open = new Window(day, later.best(), later.window.latest());
    return new Turn(side, open, interval, fact, ordinal, fixed, later.given, later.reasons);
  }

  /** The same turn that later, as wide. */
  Turn movedTo(LocalDate best, Reason reason) {
    return new Turn(
        side, Window.around(best, interval), interval, fact, ordinal, fixed, given, with(reason));
  }

  private List<Reason> with(Reason reason) {
    List<Reason> more = new ArrayList<>(reasons);
    more.add(0, reason);
    return more;
  }
}
