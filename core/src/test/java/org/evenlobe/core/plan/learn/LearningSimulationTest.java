package org.evenlobe.core.plan.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.evenlobe.core.history.DayLoad;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Load;
import org.junit.jupiter.api.Test;

/**
 * Dogs whose true rate of gathering is known, cleaned whenever the plan says so: does it learn?
 *
 * <p>A load is Poisson with mean rate × days, cut at 4. The starting interval is off by up to a
 * factor of 1.5 either way.
 */
class LearningSimulationTest {
  private static final double[] RATES = {0.05, 0.08, 0.12, 0.16, 0.20, 0.24, 0.28};
  private static final double[] STARTS_OFF = {1 / 1.5, 0.8, 1.0, 1.25, 1.5};
  private static final double[] DOUBLED = {0.05, 0.08, 0.12, 0.14};
  private static final int SEEDS = 200;
  private static final int CLEANINGS = 12;
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);

  /** One ear, cleaned again and again. */
  private static final class Ear {
    private final double halfLife;
    private final SplittableRandom random;
    private final StartingInterval start;
    private final List<DayLoad> cleanings = new ArrayList<>();
    private LocalDate day = FIRST;

    Ear(long seed, double base) {
      this(seed, base, LoadEvidence.HALF_LIFE_DAYS);
    }

    Ear(long seed, double base, double halfLife) {
      this.halfLife = halfLife;
      random = new SplittableRandom(seed);
      int rung = IntervalLadder.nearest(base);
      start = new StartingInterval(rung, base, false, List.of());
      cleanings.add(DayLoad.of(day, true, new Load(2)));
    }

    int interval() {
      return IntervalLearning.learnedInterval(Side.RIGHT, start, cleanings, Set.of(), halfLife)
          .plannedDays();
    }

    void clean(double rate) {
      int days = interval();
      day = day.plusDays(days);
      cleanings.add(DayLoad.of(day, true, new Load(Math.min(4, poisson(rate * days)))));
    }

    private int poisson(double mean) {
      double limit = Math.exp(-mean);
      double product = random.nextDouble();
      int count = 0;
      while (product > limit) {
        product *= random.nextDouble();
        count++;
      }
      return count;
    }

    long closest() {
      long closest = Long.MAX_VALUE;
      for (int i = 1; i < cleanings.size(); i++) {
        closest =
            Math.min(
                closest,
                ChronoUnit.DAYS.between(cleanings.get(i - 1).day(), cleanings.get(i).day()));
      }
      return closest;
    }
  }

  /** The true interval that a plan may have: a rate of 0.28 asks for 7.1 days, 0.05 for 40. */
  private static double truth(double rate) {
    return LoadRate.TARGET / rate;
  }

  @Test
  void theIntervalIsLearnedWithinTwelveCleanings() {
    int runs = 0;
    int near = 0;
    int nearer = 0;
    System.out.println(
        "rate  true   within 25 %  within 35 %  (12 cleanings, 5 starts, 200 seeds)");
    for (double rate : RATES) {
      int of = 0;
      int within35 = 0;
      int within25 = 0;
      for (double off : STARTS_OFF) {
        for (int seed = 1; seed <= SEEDS; seed++) {
          Ear ear = new Ear(seed, truth(rate) * off);
          for (int i = 0; i < CLEANINGS; i++) {
            ear.clean(rate);
            assertThat(ear.interval()).isBetween(5, 60);
          }
          assertThat(ear.closest()).isGreaterThanOrEqualTo(5);
          double error = Math.abs(ear.interval() / truth(rate) - 1);
          of++;
          within35 += error <= 0.35 ? 1 : 0;
          within25 += error <= 0.25 ? 1 : 0;
        }
      }
      System.out.printf(
          "%.2f  %4.1f   %6.1f %%     %6.1f %%%n",
          rate, truth(rate), 100.0 * within25 / of, 100.0 * within35 / of);
      runs += of;
      near += within35;
      nearer += within25;
    }
    System.out.printf(
        "all          %6.1f %%     %6.1f %%%n", 100.0 * nearer / runs, 100.0 * near / runs);
    assertThat((double) near / runs).isGreaterThanOrEqualTo(0.85);
    assertThat((double) nearer / runs).isGreaterThanOrEqualTo(0.70);
  }

  /**
   * A doubling of the rate (a summer of swimming), after twelve cleanings at the old one: how much
   * of the way the interval has moved six cleanings later, by the half-life of what was found. The
   * half-life in force moves it more than half of the way; shorter ones move it further and hold it
   * less steady.
   */
  @Test
  void aDoublingOfTheRateMovesTheInterval() {
    double[] halfLives = {120, LoadEvidence.HALF_LIFE_DAYS, 60, 45};
    System.out.println(
        "half-life  0.05-0.10  0.08-0.16  0.12-0.24  0.14-0.28  all  (part of the way)");
    List<Double> moved = new ArrayList<>();
    for (double halfLife : halfLives) {
      StringBuilder line = new StringBuilder("%5.0f d  ".formatted(halfLife));
      double sum = 0;
      for (double rate : DOUBLED) {
        double part = movedBySixCleanings(rate, halfLife);
        line.append("  %6.0f %%".formatted(100 * part));
        sum += part / DOUBLED.length;
      }
      System.out.println(line.append("  %3.0f %%".formatted(100 * sum)));
      moved.add(sum);
    }
    assertThat(moved).as("the shorter, the further").isSorted();
    assertThat(moved.get(1)).as("the one in force").isGreaterThanOrEqualTo(0.55);
  }

  /**
   * After how many cleanings a doubled rate is found: the median of the first at which the interval
   * is within a fifth of the true one.
   */
  @Test
  void aDoubledRateIsFound() {
    int fourteen = foundAfter(14);
    int twentyEight = foundAfter(28);
    System.out.printf(
        "a doubled rate is found after %d cleanings (base 14) and %d (base 28)%n",
        fourteen, twentyEight);
    assertThat(fourteen).isLessThanOrEqualTo(18);
    assertThat(twentyEight).isLessThanOrEqualTo(11);
  }

  private static int foundAfter(int base) {
    double rate = LoadRate.TARGET / base;
    List<Integer> found = new ArrayList<>();
    for (int seed = 1; seed <= SEEDS; seed++) {
      Ear ear = new Ear(seed, base);
      for (int i = 0; i < CLEANINGS; i++) {
        ear.clean(rate);
      }
      int cleanings = 0;
      while (ear.interval() > 1.2 * truth(2 * rate) && cleanings < 60) {
        ear.clean(2 * rate);
        cleanings++;
      }
      found.add(cleanings);
    }
    found.sort(null);
    return found.get(SEEDS / 2);
  }

  private static double movedBySixCleanings(double rate, double halfLife) {
    double before = 0;
    double after = 0;
    for (int seed = 1; seed <= SEEDS; seed++) {
      Ear ear = new Ear(seed, truth(rate), halfLife);
      for (int i = 0; i < CLEANINGS; i++) {
        ear.clean(rate);
      }
      before += ear.interval();
      for (int i = 0; i < 6; i++) {
        ear.clean(2 * rate);
      }
      after += ear.interval();
    }
    return (before - after) / (before - SEEDS * truth(2 * rate));
  }
}
