package org.evenlobe.core.plan;

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

  public Window {
    if (earliest.isAfter(best) || best.isAfter(latest)) {
      throw new IllegalArgumentException(earliest + ", " + best + ", " + latest);
    }
  }

  /** The best day with a fifth of the interval either way, a day at least. */
  static Window around(LocalDate best, int interval) {
    int slack = slack(interval);
    return new Window(best.minusDays(slack), best, best.plusDays(slack));
  }

  static int slack(int interval) {
    return Math.max(1, Figures.halfUp(interval / 5.0));
  }
}
