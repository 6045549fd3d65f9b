package org.evenlobe.core.plan.learn;

import org.apache.commons.statistics.distribution.GammaDistribution;
import org.evenlobe.core.rule.Figures;

/**
 * What is believed of the rate r at which load gathers in one ear, per day: a Gamma distribution.
 *
 * <p>A load y found after t days is taken as Poisson with mean r·t; the heaviest says "four or
 * more", and counts as what is expected of such a one at the very rate that is being estimated. For
 * example a base of 14 days starts with shape 4 and 28 days, a mean of 2 ÷ 14 a day; a heavy load
 * after 14 days makes that 0.214: 9 days.
 *
 * @param shape a, a heavy load counted as 4
 * @param mean the rate, load a day
 */
public record LoadRate(double shape, double mean) {
  /** The load that a cleaning aims at: worth doing, nothing built up. */
  static final double TARGET = 2;

  private static final int SHORTEST = 5;
  private static final int LONGEST = 60;
  private static final double STRONGEST_START_DAYS = 28;
  private static final double CLOSE = 1e-9;
  private static final int MOST_ROUNDS = 10_000;

  /** What is believed before anything was found: 2 ÷ base a day, as strong as 2 × base days. */
  static LoadRate startingFrom(int base) {
    double strength = Math.min(2.0 * base, STRONGEST_START_DAYS);
    return new LoadRate(TARGET / base * strength, TARGET / base);
  }

  /** What is believed after those findings, where this was believed before. */
  LoadRate after(LoadEvidence evidence) {
    return after(evidence, mean);
  }

  /** The same, with a rate to begin the search from. */
  LoadRate after(LoadEvidence evidence, double from) {
    double days = shape / mean + evidence.days();
    double rate = (shape + evidence.loadAt(from)) / days;
    double before = from;
    for (int i = 0;
        evidence.hasHeavy() && Math.abs(rate - before) >= CLOSE && i < MOST_ROUNDS;
        i++) {
      before = rate;
      rate = (shape + evidence.loadAt(rate)) / days;
    }
    return new LoadRate(shape + evidence.load(), rate);
  }

  /** The days in which the target load gathers, 5 to 60. */
  int interval() {
    return interval(mean);
  }

  /** The 80 % band of those days. */
  DayBand band() {
    GammaDistribution gamma = GammaDistribution.of(shape, mean / shape);
    return new DayBand(
        interval(gamma.inverseCumulativeProbability(0.9)),
        interval(gamma.inverseCumulativeProbability(0.1)));
  }

  private static int interval(double rate) {
    return Figures.halfUp(Figures.hold(TARGET / rate, SHORTEST, LONGEST));
  }
}
