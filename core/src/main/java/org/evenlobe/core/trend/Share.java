package org.evenlobe.core.trend;

import org.apache.commons.statistics.distribution.BetaDistribution;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/**
 * So many of so many.
 *
 * <p>For example 3 of 4, where chance gives 0.22: by chance as many or more come in 0.0356 of all
 * cases (4 · 0.22³ · 0.78 + 0.22⁴), and the exact limits of the share, 90 %, are 0.249 and 0.987.
 *
 * @param hits how many
 * @param of of how many, 1 or more
 */
record Share(int hits, int of) {
  private static final double TAIL = 0.05;

  Share {
    if (hits < 0 || of < 1 || hits > of) {
      throw new IllegalArgumentException(hits + " of " + of);
    }
  }

  /** How probable it is that chance gives as many or more. */
  double asManyByChance(double chance) {
    return hits == 0 ? 1 : BinomialDistribution.of(of, chance).survivalProbability(hits - 1);
  }

  /** The lower exact limit of the share, 90 % (Clopper and Pearson). */
  double low() {
    return hits == 0
        ? 0
        : BetaDistribution.of(hits, of - hits + 1.0).inverseCumulativeProbability(TAIL);
  }

  /** The upper one. */
  double high() {
    return hits == of
        ? 1
        : BetaDistribution.of(hits + 1.0, of - hits).inverseCumulativeProbability(1 - TAIL);
  }

  double share() {
    return (double) hits / of;
  }
}
