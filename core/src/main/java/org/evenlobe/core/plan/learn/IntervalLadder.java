package org.evenlobe.core.plan.learn;

/** The rungs on which a starting interval may stand, in days. */
public final class IntervalLadder {
  private static final int[] RUNGS = {7, 10, 14, 21, 28, 42, 56};

  private IntervalLadder() {}

  /** The rung nearest to that many days by ratio: 24 is nearer to 21 (1.14) than to 28 (1.17). */
  static int nearest(double days) {
    int nearest = RUNGS[0];
    for (int rung : RUNGS) {
      if (distance(rung, days) < distance(nearest, days)) {
        nearest = rung;
      }
    }
    return nearest;
  }

  private static double distance(int rung, double days) {
    return Math.abs(Math.log(rung / days));
  }
}
