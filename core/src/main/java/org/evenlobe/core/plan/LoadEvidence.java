package org.evenlobe.core.plan;

/**
 * What an ear's cleanings have told so far: loads and the days in which they gathered, each finding
 * counting half as much after {@value #HALF_LIFE_DAYS} days.
 *
 * @param load the sum of weighted loads
 * @param days the sum of weighted days
 */
record LoadEvidence(double load, double days) {
  static final LoadEvidence NONE = new LoadEvidence(0, 0);

  static final double HALF_LIFE_DAYS = 120;

  /** The same so many days later: all weights shrink by the same factor, so the sums do. */
  LoadEvidence aged(long daysLater, double halfLifeDays) {
    double weight = Math.pow(0.5, daysLater / halfLifeDays);
    return new LoadEvidence(weight * load, weight * days);
  }

  /** With a finding of the day itself. */
  LoadEvidence with(int foundLoad, int inDays) {
    return new LoadEvidence(load + foundLoad, days + inDays);
  }
}
