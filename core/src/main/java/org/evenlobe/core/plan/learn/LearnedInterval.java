package org.evenlobe.core.plan.learn;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.rule.Reason;

/**
 * How many days one ear takes to gather a light load, as far as its cleanings tell.
 *
 * @param days the interval in force, 5 to 60
 * @param band the 80 % band of what the record allows
 * @param observations how many cleanings have taught it
 * @param routine whether cleanings are planned at all; false where only checks are
 * @param neglectedOn the last day on which it was found full after it had been left too long
 * @param reasons the arithmetic
 */
public record LearnedInterval(
    int days,
    DayBand band,
    int observations,
    boolean routine,
    Optional<LocalDate> neglectedOn,
    List<Reason> reasons) {
  /** A routine cleaning is never planned closer than this. */
  static final int SHORTEST_PLANNED = 7;

  public LearnedInterval {
    reasons = List.copyOf(reasons);
  }

  /** The interval that dates are made with: the one in force, 7 days at least. */
  public int plannedDays() {
    return Math.max(days, SHORTEST_PLANNED);
  }
}
