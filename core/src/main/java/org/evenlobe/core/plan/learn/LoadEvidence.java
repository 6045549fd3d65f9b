package org.evenlobe.core.plan.learn;

/**
 * What an ear's cleanings have told so far: loads and the days in which they gathered, each finding
 * counting half as much after {@value #HALF_LIFE_DAYS} days.
 */
public final class LoadEvidence {
  static final double HALF_LIFE_DAYS = 120;

  private double load;
  private double days;

  /** So many days go by: all weights shrink by the same factor, so the sums do. */
  void age(long daysLater, double halfLifeDays) {
    double weight = Math.pow(0.5, daysLater / halfLifeDays);
    load *= weight;
    days *= weight;
  }

  /** A finding of the day itself. */
  void add(int foundLoad, int inDays) {
    load += foundLoad;
    days += inDays;
  }

  /** The sum of weighted loads. */
  double load() {
    return load;
  }

  /** The sum of weighted days. */
  double days() {
    return days;
  }
}
