package org.evenlobe.core.plan.learn;

import org.evenlobe.core.record.Load;

/**
 * What an ear's cleanings have told so far: loads and the days in which they gathered, each finding
 * counting half as much after {@value #HALF_LIFE_DAYS} days. The heaviest load says "four or more",
 * so those are kept by the days in which they gathered.
 */
public final class LoadEvidence {
  static final double HALF_LIFE_DAYS = 90;

  /** What gathers for longer counts as this. */
  static final int LONGEST_GATHERING = 90;

  private double load;
  private double days;
  private double heavy;
  private final double[] heavyAfter = new double[LONGEST_GATHERING + 1];
  private int longest;

  /** So many days go by: all weights shrink by the same factor, so the sums do. */
  void age(long daysLater, double halfLifeDays) {
    double weight = Math.pow(0.5, daysLater / halfLifeDays);
    load *= weight;
    days *= weight;
    if (heavy > 0) {
      heavy *= weight;
      for (int i = 1; i <= longest; i++) {
        heavyAfter[i] *= weight;
      }
    }
  }

  /** A finding of the day itself. */
  void add(int foundLoad, int inDays) {
    days += inDays;
    if (foundLoad == Load.HEAVIEST) {
      heavy++;
      heavyAfter[inDays]++;
      longest = Math.max(longest, inDays);
    } else {
      load += foundLoad;
    }
  }

  /** The sum of weighted loads, a heavy one as 4. */
  double load() {
    return load + Load.HEAVIEST * heavy;
  }

  /** The same, a heavy one as what it is expected to be where so much gathers a day. */
  double loadAt(double rate) {
    double sum = load;
    if (heavy > 0) {
      for (int i = 1; i <= longest; i++) {
        if (heavyAfter[i] > 0) {
          sum += heavyAfter[i] * expectedOfHeavy(rate * i);
        }
      }
    }
    return sum;
  }

  boolean hasHeavy() {
    return heavy > 0;
  }

  /** The sum of weighted days. */
  double days() {
    return days;
  }

  /** E[Y | Y ≥ 4] of a Poisson count with that mean: mean · P(Y ≥ 3) ÷ P(Y ≥ 4). */
  static double expectedOfHeavy(double mean) {
    double none = Math.exp(-mean);
    double three = 1 - none * (1 + mean + mean * mean / 2);
    double four = three - none * mean * mean * mean / 6;
    return four < 1e-12 ? Load.HEAVIEST : mean * three / four;
  }
}
