package org.evenlobe.core.plan.learn;

import org.apache.commons.statistics.distribution.GammaDistribution;
import org.evenlobe.core.rule.Figures;

/**
 * What is believed of the rate r at which load gathers in one ear, per day: a Gamma distribution.
 *
 * <p>A load y found after t days is taken as Poisson with mean r·t. For example a base of 14 days
 * starts with shape 4 and 28 days, a mean of 2 ÷ 14 a day.
 *
 * @param shape a
 * @param days b, the Gamma's rate parameter
 */
public record LoadRate(double shape, double days) {
  /** The load that a cleaning aims at: worth doing, nothing built up. */
  static final double TARGET = 2;

  private static final int SHORTEST = 5;
  private static final int LONGEST = 60;
  private static final double STRONGEST_START_DAYS = 42;

  /** What is believed before anything was found: 2 ÷ base a day, as strong as 2 × base days. */
  static LoadRate startingFrom(int base) {
    double strength = Math.min(2.0 * base, STRONGEST_START_DAYS);
    return new LoadRate(TARGET / base * strength, strength);
  }

  /** What is believed after those findings. */
  LoadRate after(LoadEvidence evidence) {
    return new LoadRate(shape + evidence.load(), days + evidence.days());
  }

  /** The days in which the target load gathers by what is believed after those findings. */
  int intervalAfter(LoadEvidence evidence) {
    return interval((shape + evidence.load()) / (days + evidence.days()));
  }

  /** The mean rate, load a day. */
  double mean() {
    return shape / days;
  }

  /** The days in which the target load gathers, 5 to 60. */
  int interval() {
    return interval(mean());
  }

  /** The 80 % band of those days. */
  DayBand band() {
    GammaDistribution gamma = GammaDistribution.of(shape, 1 / days);
    return new DayBand(
        interval(gamma.inverseCumulativeProbability(0.9)),
        interval(gamma.inverseCumulativeProbability(0.1)));
  }

  private static int interval(double rate) {
    return Figures.halfUp(Figures.hold(TARGET / rate, SHORTEST, LONGEST));
  }
}
