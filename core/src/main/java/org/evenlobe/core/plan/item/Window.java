package org.evenlobe.core.plan.item;

import java.time.LocalDate;
import org.evenlobe.core.rule.Figures;

/**
 * The days on which something is best done.
 *
 * @param earliest the window opens
 * @param best the day aimed at
 * @param latest the window closes
 */
public record Window(LocalDate earliest, LocalDate best, LocalDate latest) {
  /** Within so many days a vet is to see what cannot wait for a convenient one. */
  public static final int DAYS_TO_VET = 2;

  public Window {
    if (earliest.isAfter(best) || best.isAfter(latest)) {
      throw new IllegalArgumentException(earliest + ", " + best + ", " + latest);
    }
  }

  /** The best day with a fifth of the interval either way, a day at least. */
  public static Window around(LocalDate best, int interval) {
    int slack = slack(interval);
    return new Window(best.minusDays(slack), best, best.plusDays(slack));
  }

  /** From that day on, so many days more. */
  public static Window within(LocalDate day, int daysMore) {
    return new Window(day, day, day.plusDays(daysMore));
  }

  /** A vet is to see it from that day on, best the day after, within two days. */
  public static Window forVet(LocalDate day) {
    return new Window(day, day.plusDays(1), day.plusDays(DAYS_TO_VET));
  }

  /** The same with another best day; it opens or closes with that day where it lies outside. */
  public Window with(LocalDate other) {
    return new Window(
        other.isBefore(earliest) ? other : earliest, other, other.isAfter(latest) ? other : latest);
  }

  /** Whether a day lies in it. */
  public boolean contains(LocalDate day) {
    return !day.isBefore(earliest) && !day.isAfter(latest);
  }

  static int slack(int interval) {
    return Math.max(1, Figures.halfUp(interval / 5.0));
  }
}
