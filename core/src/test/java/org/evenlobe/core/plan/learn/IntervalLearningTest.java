package org.evenlobe.core.plan.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import org.evenlobe.core.history.DayLoad;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class IntervalLearningTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 3, 1);

  private static StartingInterval start(int base) {
    return new StartingInterval(base, base, false, List.of());
  }

  private static StartingInterval checksOnly() {
    return new StartingInterval(56, 65.5, true, List.of());
  }

  private static LearnedInterval learn(StartingInterval start, List<DayLoad> cleanings) {
    return IntervalLearning.learnedInterval(
        Side.RIGHT, start, DayLoad.oneForEachDay(cleanings), Set.of());
  }

  private static DayLoad cleaning(int day, int load) {
    return DayLoad.of(FIRST.plusDays(day), true, new Load(load));
  }

  private static DayLoad wipe(int day, int load) {
    return DayLoad.of(FIRST.plusDays(day), false, new Load(load));
  }

  /** A first cleaning on day 0, then those loads, one every so many days. */
  private static List<DayLoad> every(int days, int... loads) {
    List<DayLoad> cleanings = new ArrayList<>();
    cleanings.add(cleaning(0, 2));
    for (int i = 0; i < loads.length; i++) {
      cleanings.add(cleaning((i + 1) * days, loads[i]));
    }
    return cleanings;
  }

  /** What it was after each cleaning is what would have been learned that day. */
  @Test
  void overTimeItIsWhatWasLearnedByThen() {
    List<DayLoad> cleanings = every(14, 1, 2, 0, 3, 1, 1, 2);
    List<IntervalLearning.IntervalPoint> points =
        IntervalLearning.overTime(Side.RIGHT, start(14), cleanings, Set.of());

    assertThat(points).hasSize(cleanings.size());
    for (int i = 0; i < cleanings.size(); i++) {
      LearnedInterval then = learn(start(14), cleanings.subList(0, i + 1));
      assertThat(points.get(i))
          .isEqualTo(
              new IntervalLearning.IntervalPoint(cleanings.get(i).day(), then.days(), then.band()));
    }
  }

  @Nested
  class WorkedCases {
    @Test
    void withoutACleaningTheStartingIntervalStands() {
      LearnedInterval interval = learn(start(14), List.of());

      assertThat(interval.days()).isEqualTo(14);
      assertThat(interval.observations()).isZero();
    }

    @Test
    void oneTraceAfterFourteenDaysMakesSeventeen() {
      // (4 + 1) / (28 + 14) = 0.119 a day: 16.8 days, and 14 · 1.25 = 17.5 allows 17
      LearnedInterval interval = learn(start(14), every(14, 1));

      assertThat(interval.days()).isEqualTo(17);
      assertThat(interval.reasons().get(0).sentence())
          .isEqualTo(
              "Right ear: 1 cleaning over 14 days brought a load of 1; with the starting value"
                  + " counted in and older ones counting less, 0.119 a day: a light load every 17"
                  + " days.");
    }

    @Test
    void tracesLengthenHeavyLoadsShortenAndLightOnesLeaveIt() {
      assertThat(learn(start(14), every(14, 1, 1, 1, 1)).days()).isGreaterThan(14);
      assertThat(learn(start(14), every(14, 4, 4)).days()).isLessThan(14);
      assertThat(learn(start(14), every(14, 2, 2, 2, 2, 2, 2)).days()).isEqualTo(14);
    }

    @Test
    void theBandIsThatOfTheGammaDistribution() {
      // shape 4, 28 days: the 10 % and 90 % quantiles of chi-square with 8 degrees are 3.490,
      // 13.362
      DayBand band = learn(start(14), List.of()).band();

      assertThat(band.shortest()).isEqualTo((int) Math.round(2 * 28 * 2 / 13.362));
      assertThat(band.longest()).isEqualTo((int) Math.round(2 * 28 * 2 / 3.490));
    }

    @Test
    void theStartIsNeverStrongerThanTwentyEightDays() {
      LoadRate rate = LoadRate.startingFrom(56);

      assertThat(rate.shape()).isEqualTo(1);
      assertThat(rate.mean()).isCloseTo(2.0 / 56, within(1e-12));
    }
  }

  @Nested
  class WhatACleaningTeaches {
    @Test
    void growsByAQuarterAtMostCutDownToWholeDays() {
      LearnedInterval interval = learn(start(14), every(14, 0));

      assertThat(interval.days()).isEqualTo(17);
      assertThat(interval.reasons())
          .filteredOn(reason -> reason.rule() == Rule.PLAN_GROWTH)
          .singleElement()
          .extracting("sentence")
          .isEqualTo(
              "At one cleaning the interval grows by a quarter at most: 14 → 17, not yet 21.");
    }

    @Test
    void shrinksAtOnce() {
      // (4 + 4 + 4) / (28 + 14 + 10): the second heavy load counts for the interval then in force
      LearnedInterval interval = learn(start(14), every(14, 4, 4));

      assertThat(interval.days()).isLessThanOrEqualTo(9);
    }

    @Test
    void heavySaysFourOrMore() {
      // of a Poisson count with mean 2: 4.526 where it is 4 or more; with mean 10: 10.076
      assertThat(LoadEvidence.expectedOfHeavy(2)).isCloseTo(4.526, within(0.001));
      assertThat(LoadEvidence.expectedOfHeavy(10)).isCloseTo(10.0763, within(0.001));
      assertThat(LoadEvidence.expectedOfHeavy(1e-6)).isCloseTo(4, within(0.001));
    }

    @Test
    void aHeavyLoadCountsAsWhatIsExpectedOfOneAtTheRateThatItMakes() {
      LoadEvidence heavy = new LoadEvidence();
      heavy.add(4, 14);
      LoadRate rate = LoadRate.startingFrom(14).after(heavy);

      double expected = LoadEvidence.expectedOfHeavy(rate.mean() * 14);
      assertThat(rate.mean()).isCloseTo((4 + expected) / (28 + 14), within(1e-8));
      assertThat(rate.shape()).isEqualTo(8);
    }

    @Test
    void aNeglectedEarNeitherShortensNorStretchesTheIntervalMuch() {
      assertThat(learn(start(14), every(80, 4)).days()).isBetween(12, 17);
      assertThat(learn(start(14), every(80, 3)).days()).isGreaterThan(14);
    }

    @Test
    void anEarThatIsWipedAsARuleLearnsFromWiping() {
      List<DayLoad> wiped = new ArrayList<>();
      for (int i = 0; i <= 6; i++) {
        wiped.add(wipe(10 * i, 3));
      }

      LearnedInterval interval = learn(start(14), wiped);
      assertThat(interval.observations()).isEqualTo(6);
      assertThat(interval.days()).isLessThan(10);
      assertThat(interval.reasons().get(0).sentence()).contains("6 wipings over 60 days");
    }

    @Test
    void onlyTheFindingsOfThePresentWayCountAndWipingCountsFromAnyCleaning() {
      List<DayLoad> mixed = new ArrayList<>(every(14, 1, 1, 1));
      for (int i = 1; i <= 3; i++) {
        mixed.add(wipe(42 + 10 * i, 2));
      }

      LearnedInterval interval = learn(start(14), mixed);
      assertThat(interval.observations()).isEqualTo(3);
      assertThat(interval.reasons().get(0).sentence()).contains("over 30 days");
    }

    @Test
    void gatheringCountsNinetyDaysAtMost() {
      assertThat(learn(start(28), every(400, 3))).isEqualTo(learn(start(28), every(90, 3)));
    }

    @Test
    void aWipeTeachesNothingAndStartsNothingWhereTheEarIsCleanedInside() {
      List<DayLoad> cleanings = every(14, 1, 3);
      List<DayLoad> withWipes = new ArrayList<>(cleanings);
      withWipes.add(wipe(5, 4));
      withWipes.add(wipe(40, 4));

      assertThat(learn(start(14), withWipes)).isEqualTo(learn(start(14), cleanings));
    }

    @Test
    void twoOnOneDayAreOneWithTheHighestLoad() {
      List<DayLoad> twice = new ArrayList<>(every(14, 1));
      twice.add(cleaning(14, 3));

      assertThat(learn(start(14), twice)).isEqualTo(learn(start(14), every(14, 3)));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void leftoversTeachNothingButStartTheNextCount(int daysLater) {
      List<DayLoad> cleanings =
          List.of(cleaning(0, 2), cleaning(daysLater, 4), cleaning(daysLater + 14, 1));

      assertThat(learn(start(14), cleanings).days()).isEqualTo(17);
      assertThat(learn(start(14), cleanings).observations()).isEqualTo(1);
    }

    @Test
    void noDateMovesWhileNothingHappens() {
      // weights count from the ear's latest cleaning: shifting all of it in time changes nothing
      List<DayLoad> shifted =
          every(14, 1, 3, 2).stream()
              .map(c -> new DayLoad(c.day().plusDays(500), c.inCanal(), c.load()))
              .toList();

      assertThat(learn(start(14), shifted)).isEqualTo(learn(start(14), every(14, 1, 3, 2)));
    }

    @Test
    void halfOfAFindingIsForgottenAfter90Days() {
      LoadEvidence old = new LoadEvidence();
      old.add(3, 10);
      old.age(90, LoadEvidence.HALF_LIFE_DAYS);

      LoadRate rate = LoadRate.startingFrom(14).after(old);

      assertThat(rate.shape()).isCloseTo(4 + 1.5, within(1e-12));
      assertThat(rate.mean()).isCloseTo((4 + 1.5) / (28 + 5), within(1e-12));
    }
  }

  @Nested
  class Routine {
    @Test
    void isNotBegunByTwoCleanings() {
      assertThat(learn(checksOnly(), every(14, 4)).routine()).isFalse();
    }

    @Test
    void beginsWhenThreeCleaningsShowThatTheEarGathers() {
      LearnedInterval interval = learn(checksOnly(), every(14, 4, 4));

      assertThat(interval.days()).isLessThan(42);
      assertThat(interval.routine()).isTrue();
    }

    @Test
    void endsWhenTheIntervalStandsAtSixty() {
      List<DayLoad> cleanings = new ArrayList<>(every(14, 4, 4));
      for (int i = 1; i <= 12; i++) {
        cleanings.add(cleaning(28 + 60 * i, 0));
      }

      assertThat(learn(checksOnly(), cleanings).days()).isEqualTo(60);
      assertThat(learn(checksOnly(), cleanings).routine()).isFalse();
    }

    @Test
    void goesOnAtSixtyWhereTheProfileAskedForOne() {
      assertThat(learn(start(56), every(60, 0, 0, 0, 0)).routine()).isTrue();
    }
  }

  @Nested
  class Laws {
    @ParameterizedTest
    @CsvSource({"7, 1", "14, 2", "28, 3", "56, 4"})
    void theIntervalStaysWithinFiveAndSixtyAndGrowsByAQuarterAtMost(int base, long seed) {
      SplittableRandom random = new SplittableRandom(seed);
      for (int run = 0; run < 200; run++) {
        List<DayLoad> cleanings = new ArrayList<>();
        int before = base;
        int day = 0;
        for (int i = 0; i < 20; i++) {
          day += random.nextInt(1, 100);
          cleanings.add(cleaning(day, random.nextInt(0, 5)));
          int now = learn(start(base), cleanings).days();
          assertThat(now).as("seed %d", seed).isBetween(5, 60);
          assertThat(now).as("seed %d", seed).isLessThanOrEqualTo((int) (before * 1.25));
          before = now;
        }
      }
    }

    @Test
    void agingBitByBitIsAgingAtOnce() {
      LoadEvidence bitByBit = someEvidence();
      for (int day = 0; day < 90; day++) {
        bitByBit.age(1, LoadEvidence.HALF_LIFE_DAYS);
      }
      LoadEvidence atOnce = someEvidence();
      atOnce.age(90, LoadEvidence.HALF_LIFE_DAYS);

      assertThat(bitByBit.load()).isCloseTo(atOnce.load(), within(1e-12));
      assertThat(bitByBit.days()).isCloseTo(atOnce.days(), within(1e-12));
    }

    private static LoadEvidence someEvidence() {
      LoadEvidence evidence = new LoadEvidence();
      evidence.add(3, 20);
      evidence.age(10, LoadEvidence.HALF_LIFE_DAYS);
      evidence.add(1, 10);
      return evidence;
    }

    @Test
    void theOrderOfFactsDoesNotMatter() {
      List<DayLoad> cleanings = every(11, 3, 1, 4, 0, 2, 2);
      LearnedInterval expected = learn(start(14), cleanings);
      for (int seed = 0; seed < 50; seed++) {
        List<DayLoad> shuffled = new ArrayList<>(cleanings);
        Collections.shuffle(shuffled, new Random(seed));
        assertThat(learn(start(14), shuffled)).as("seed %d", seed).isEqualTo(expected);
      }
    }

    @Test
    void aHeavierLatestLoadNeverLengthensTheInterval() {
      for (int base : new int[] {7, 14, 28, 56}) {
        for (int days = 3; days <= 90; days++) {
          int before = Integer.MAX_VALUE;
          for (int load = 0; load <= Load.HEAVIEST; load++) {
            int now = learn(start(base), every(days, load)).days();
            assertThat(now).as("base %d, %d days", base, days).isLessThanOrEqualTo(before);
            before = now;
          }
        }
      }
    }
  }

  @Nested
  class Shortest {
    @Test
    void belowSevenDaysIsPlannedAsSevenWithTheAdviceToAskTheVet() {
      LearnedInterval interval = learn(start(7), every(5, 4, 4, 4, 4, 4));

      assertThat(interval.days()).isLessThan(7);
      assertThat(interval.plannedDays()).isEqualTo(7);
      assertThat(interval.reasons())
          .filteredOn(reason -> reason.rule() == Rule.PLAN_FLOOR)
          .singleElement()
          .satisfies(reason -> assertThat(reason.sentence()).contains("Ask the vet"));
    }
  }
}
