package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.evenlobe.core.TestDog.day;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.learn.LearnedInterval;
import org.evenlobe.core.plan.water.ExpectedDay;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.ClimateReading;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.GroomingRhythm;
import org.evenlobe.core.record.HairRhythm;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.Season;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What moves a date. The dog's starting interval is 14 days; day 0 is a Monday. */
class MovedPlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final UUID SWIMS = new UUID(20, 1);

  private static DogPlan on(int day, TestDog dog) {
    return on(day, dog, Preferences.DEFAULT);
  }

  private static DogPlan on(int day, TestDog dog, Preferences preferences) {
    return PLANNER.plan(dog.record(), preferences, day(day));
  }

  private static List<PlanItem> of(DogPlan plan, PlanItem.Kind kind) {
    return plan.items().stream().filter(item -> item.kind() == kind).toList();
  }

  private static PlanItem clean(DogPlan plan) {
    return plan.cleanings().get(0);
  }

  private static LocalDate best(DogPlan plan) {
    return clean(plan).window().best();
  }

  private static List<Rule> rules(PlanItem item) {
    return item.reasons().stream().map(Reason::rule).toList();
  }

  @Nested
  class DueButClean {
    @Test
    void movesByHalfAnIntervalFromTheCheckThatFoundNothing() {
      DogPlan plan = on(14, new TestDog().filled(0, 2, 2).quiet(14));

      assertThat(best(plan)).isEqualTo(day(21));
      assertThat(clean(plan).reasons().get(0).sentence())
          .contains("found nothing in it: moved by half an interval, 7 days");
    }

    @Test
    void movesOnlyOnceInARow() {
      assertThat(best(on(21, new TestDog().filled(0, 2, 2).quiet(14, 21)))).isEqualTo(day(21));
    }

    @Test
    void doesNotMoveBeforeItIsDueNorWhereThereIsSomethingToTakeOut() {
      assertThat(best(on(13, new TestDog().filled(0, 2, 2).quiet(13)))).isEqualTo(day(14));
      String waxy = "discharge=1:TAN_WAX";
      assertThat(best(on(14, new TestDog().filled(0, 2, 2).check(14, waxy, waxy))))
          .isEqualTo(day(14));
    }

    @Test
    void leavesAFixedDayWhereItIs() {
      TestDog dog = new TestDog().filled(0, 2, 2).quiet(14).scheduled(SchedulingMode.FIXED, 14);
      assertThat(best(on(14, dog))).isEqualTo(day(14));
    }
  }

  @Nested
  class FieldAndDust {
    @ParameterizedTest
    @EnumSource(
        value = ExposureKind.class,
        names = {"FIELD", "DUST"})
    void asksForALookForSeedsTheSameEveningAndCleansNothing(ExposureKind kind) {
      TestDog dog = new TestDog().filled(0, 2, 2).quiet(6).exposed(kind, 6, 6);

      PlanItem look = of(on(6, dog), PlanItem.Kind.SEEDS).get(0);
      assertThat(look.window()).isEqualTo(new Window(day(6), day(6), day(7)));
      assertThat(look.standing()).isEqualTo(Standing.DUE);
      assertThat(rules(look)).containsExactly(Rule.PLAN_SEEDS);
      assertThat(of(on(6, dog), PlanItem.Kind.DRY)).isEmpty();
      assertThat(best(on(6, dog))).isEqualTo(day(14));
    }

    @Test
    void standsUntilTheNextDay() {
      TestDog dog = new TestDog().exposed(ExposureKind.FIELD, 6, 6);
      assertThat(of(on(7, dog), PlanItem.Kind.SEEDS)).hasSize(1);
      assertThat(of(on(8, dog), PlanItem.Kind.SEEDS)).isEmpty();
    }

    @Test
    void isDoneByALookOrACheckAfterItNotBefore() {
      TestDog dog = new TestDog().exposed(ExposureKind.FIELD, 6, 6);
      assertThat(of(on(6, dog.lookedForSeeds(6, 9)), PlanItem.Kind.SEEDS)).hasSize(1);
      assertThat(of(on(6, dog.lookedForSeeds(6, 20)), PlanItem.Kind.SEEDS)).isEmpty();
    }

    @Test
    void isAskedForWhereSuchADayIsExpected() {
      TestDog dog =
          new TestDog()
              .expects(
                  new UUID(20, 1), 3, ExposureKind.FIELD, Season.ALL_YEAR, day(6).getDayOfWeek());
      assertThat(of(on(6, dog), PlanItem.Kind.SEEDS)).hasSize(1);
      assertThat(of(on(6, dog.lookedForSeeds(6, 20)), PlanItem.Kind.SEEDS)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
        value = ExposureKind.class,
        names = {"FOOD", "PLACE", "FLEA_TREATMENT", "TRAVEL", "GROOMING_DRY"})
    void othersAreOnlyNoted(ExposureKind kind) {
      DogPlan plan = on(6, new TestDog().filled(0, 2, 2).exposed(kind, 6, 6));
      assertThat(of(plan, PlanItem.Kind.SEEDS)).isEmpty();
      assertThat(of(plan, PlanItem.Kind.DRY)).isEmpty();
    }
  }

  @Nested
  class Water {
    @Test
    void keepsEarsDryInABath() {
      PlanItem dry =
          of(on(6, new TestDog().exposed(ExposureKind.BATH, 6, 6)), PlanItem.Kind.DRY).get(0);
      assertThat(dry.reasons())
          .extracting(Reason::sentence)
          .anyMatch(s -> s.contains("cotton plug"));
    }

    @Test
    void isDriedTheSameDayAndNotTheNext() {
      TestDog dog = new TestDog().filled(0, 2, 2).exposed(ExposureKind.SWIM, 6, 6);

      PlanItem dry = of(on(6, dog), PlanItem.Kind.DRY).get(0);
      assertThat(dry.standing()).isEqualTo(Standing.DUE);
      assertThat(rules(dry)).containsExactly(Rule.PLAN_DRY);
      assertThat(of(on(7, dog), PlanItem.Kind.DRY)).isEmpty();
      assertThat(of(on(6, dog.dried(6, 20)), PlanItem.Kind.DRY)).isEmpty();
    }

    @Test
    void isNotDriedByWhatWasDoneBeforeIt() {
      TestDog dog = new TestDog().dried(6, 9).exposed(ExposureKind.SWIM, 6, 6);
      assertThat(of(on(6, dog), PlanItem.Kind.DRY)).hasSize(1);
    }

    @Test
    void isCleanedThatEveningWhereTroubleFollowsWater() {
      TestDog dog = new TestDog().filled(0, 2, 2).exposed(ExposureKind.SWIM, 6, 6);

      assertThat(best(on(6, dog))).as("an ear that water does not trouble").isEqualTo(day(14));
      PlanItem item = clean(on(6, dog.waterSensitive()));
      assertThat(item.window()).isEqualTo(new Window(day(6), day(6), day(7)));
      assertThat(item.ears()).containsExactly(Side.RIGHT, Side.LEFT);
      assertThat(rules(item)).contains(Rule.PLAN_WATER, Rule.PLAN_LOOK_FIRST);
    }

    @Test
    void isCleanedForEveryDogWhereTheHouseholdSaysSo() {
      Preferences always =
          new Preferences(
              SchedulingMode.AS_NEEDED,
              14,
              Optional.empty(),
              true,
              Optional.empty(),
              HairRhythm.DEFAULT,
              Optional.empty());
      TestDog dog = new TestDog().filled(0, 2, 2).exposed(ExposureKind.BATH, 6, 6);
      assertThat(best(on(6, dog, always))).isEqualTo(day(6));
    }

    @ParameterizedTest
    @CsvSource({"3, 6, true", "4, 6, false", "6, 6, false"})
    void isOnlyDriedAndLookedAtWithinThreeDaysOfACleaning(
        int cleaned, int wet, boolean cleansAgain) {
      TestDog dog =
          new TestDog()
              .waterSensitive()
              .filledAt(cleaned, 10, 2, 2)
              .exposed(ExposureKind.SWIM, wet, wet);
      DogPlan plan = on(wet, dog);

      assertThat(best(plan).equals(day(wet))).isEqualTo(cleansAgain);
      boolean looks =
          of(plan, PlanItem.Kind.CHECK).stream()
              .anyMatch(item -> rules(item).contains(Rule.PLAN_WATER));
      assertThat(looks).isEqualTo(!cleansAgain);
      assertThat(of(plan, PlanItem.Kind.DRY)).hasSize(1);
    }

    @Test
    void isStillLookedAtOnceItWasDried() {
      TestDog dog =
          new TestDog()
              .waterSensitive()
              .filledAt(4, 10, 2, 2)
              .exposed(ExposureKind.SWIM, 6, 6)
              .dried(6, 20);
      DogPlan plan = on(6, dog);

      assertThat(of(plan, PlanItem.Kind.DRY)).isEmpty();
      PlanItem look =
          of(plan, PlanItem.Kind.CHECK).stream()
              .filter(item -> rules(item).contains(Rule.PLAN_WATER))
              .findFirst()
              .orElseThrow();
      assertThat(of(on(6, dog.pin(6, look.id(), 7, null)), PlanItem.Kind.CHECK))
          .filteredOn(item -> item.id().equals(look.id()))
          .extracting(item -> item.window().best())
          .containsExactly(day(7));
      assertThat(of(on(6, dog.quiet(6)), PlanItem.Kind.CHECK))
          .noneMatch(item -> rules(item).contains(Rule.PLAN_WATER));
    }

    @Test
    void ofOneOutingIsCleanedOnItsLastDay() {
      TestDog dog =
          new TestDog()
              .waterSensitive()
              .filled(0, 2, 2)
              .exposed(ExposureKind.SWIM, 6, 7)
              .exposed(ExposureKind.SWIM, 9, 9);
      assertThat(best(on(9, dog))).isEqualTo(day(9));
    }

    @Test
    void isOnlyDriedWhereNothingMayBePouredIn() {
      TestDog dog =
          new TestDog()
              .infections(InfectionHistory.ONE)
              .waterSensitive()
              .filled(0, 2, 2)
              .exposed(ExposureKind.SWIM, 6, 6);
      DogPlan plan = on(6, dog);

      assertThat(plan.ears().right().mayGoIn()).isEqualTo(MayGoIn.WIPE);
      assertThat(of(plan, PlanItem.Kind.DRY)).hasSize(1);
      assertThat(plan.cleanings())
          .allSatisfy(item -> assertThat(rules(item)).doesNotContain(Rule.PLAN_WATER));
    }

    @Test
    void neverBringsLiquidIntoAnEarThatIsHeldOrWaits() {
      TestDog held =
          new TestDog()
              .waterSensitive()
              .filled(0, 2, 2)
              .check(5, "odour=FOUL", "redness=2")
              .exposed(ExposureKind.SWIM, 6, 6);
      assertThat(on(6, held).cleanings())
          .allSatisfy(item -> assertThat(item.ears()).containsExactly(Side.LEFT))
          .allSatisfy(item -> assertThat(rules(item)).doesNotContain(Rule.PLAN_WATER));
    }
  }

  @Nested
  class Expected {
    private TestDog swimmer() {
      return new TestDog()
          .waterSensitive()
          .filled(0, 2, 2)
          .expects(
              SWIMS,
              1,
              ExposureKind.SWIM,
              new Season(new Season.YearDay(3, 1), new Season.YearDay(3, 20)),
              DayOfWeek.WEDNESDAY,
              DayOfWeek.SATURDAY);
    }

    @Test
    void daysAreDriedAndCleanedAfterWithinTheirSeason() {
      DogPlan plan = on(1, swimmer());

      // Wednesdays and Saturdays up to 20 March, day 18
      assertThat(of(plan, PlanItem.Kind.DRY))
          .extracting(item -> item.window().best())
          .containsExactly(day(2), day(5), day(9), day(12), day(16));
      assertThat(plan.cleanings().subList(0, 4))
          .extracting(item -> item.window().best())
          .as("not within 3 days of the one before")
          .containsExactly(day(5), day(9), day(12), day(16));
    }

    @Test
    void daysThatAreStruckOutCountForNothing() {
      DogPlan plan = on(3, swimmer().struck(2, SWIMS, 5).struck(3, SWIMS, 2));

      assertThat(of(plan, PlanItem.Kind.DRY).get(0).window().best()).isEqualTo(day(9));
      assertThat(plan.open()).allMatch(open -> open.day().isAfter(day(3)));
    }

    @Test
    void daysAreAskedAboutUntilTheyAreConfirmed() {
      assertThat(on(6, swimmer()).open())
          .filteredOn(open -> !open.day().isAfter(day(6)))
          .extracting(ExpectedDay::day)
          .containsExactly(day(2), day(5));
      assertThat(on(6, swimmer().exposed(ExposureKind.SWIM, 2, 2)).open())
          .filteredOn(open -> !open.day().isAfter(day(6)))
          .extracting(ExpectedDay::day)
          .containsExactly(day(5));
    }

    @Test
    void daysThatNobodyConfirmedAreWatchedButNotCleanedAfter() {
      DogPlan plan = on(6, swimmer());

      assertThat(of(plan, PlanItem.Kind.WATCH))
          .extracting(item -> item.window().best())
          .contains(day(9), day(12));
      assertThat(best(plan)).isEqualTo(day(9));
    }

    @Test
    void seasonMayGoOverTheTurnOfTheYear() {
      Season winter = new Season(new Season.YearDay(11, 1), new Season.YearDay(2, 28));
      assertThat(winter.contains(LocalDate.of(2026, 12, 31))).isTrue();
      assertThat(winter.contains(LocalDate.of(2026, 2, 28))).isTrue();
      assertThat(winter.contains(LocalDate.of(2026, 3, 1))).isFalse();
      assertThat(Season.ALL_YEAR.contains(LocalDate.of(2028, 2, 29))).isTrue();
    }
  }

  @Nested
  class Heavy {
    @Test
    void waxIsCleanedTomorrowAtTheLatest() {
      String full = "discharge=3:BROWN";
      PlanItem item = clean(on(8, new TestDog().filled(0, 2, 2).check(8, full, "")));

      assertThat(item.window()).isEqualTo(new Window(day(8), day(8), day(9)));
      assertThat(rules(item)).contains(Rule.PLAN_HEAVY);
    }
  }

  @Nested
  class CatchingUp {
    @Test
    void ofAnEarNeverCleanedBeginsWithASecondPassTheSameDay() {
      PlanItem item = clean(on(0, new TestDog().filledAt(0, 10, 4, 4)));

      assertThat(item.window()).isEqualTo(new Window(day(0), day(0), day(0)));
      assertThat(rules(item)).contains(Rule.PLAN_CATCH_UP);
    }

    @ParameterizedTest
    @CsvSource({"42, false", "43, true"})
    void ofAnEarNotCleanedForOverThreeIntervals(int day, boolean catchesUp) {
      DogPlan plan = on(day, new TestDog().filled(0, 2, 2).filledAt(day, 10, 4, 2));
      assertThat(best(plan).equals(day(day))).isEqualTo(catchesUp);
    }

    @Test
    void goesOnOnceADayForThreeDaysWhileMuchComesOutThenAsksTheVet() {
      TestDog dog = new TestDog().filledAt(0, 10, 4, 4).filledAt(0, 12, 3, 1);

      assertThat(best(on(0, dog))).isEqualTo(day(1));
      assertThat(clean(on(1, dog)).ears()).containsExactly(Side.RIGHT);
      dog.filled(1, 3, 0).filled(2, 3, 0);
      assertThat(best(on(2, dog))).isEqualTo(day(3));
      DogPlan end = on(3, dog.filled(3, 3, 0));
      assertThat(best(end)).isAfter(day(9));
      assertThat(of(end, PlanItem.Kind.VISIT).get(0).reasons().get(0).sentence())
          .contains("a load of 3 still came out of the right ear");
      assertThat(of(on(5, dog.visit(4, EarVisit.NOTHING, EarVisit.NOTHING)), PlanItem.Kind.VISIT))
          .isEmpty();
    }

    @Test
    void endsWithACheckOnceLittleComesOut() {
      TestDog dog = new TestDog().filledAt(0, 10, 4, 4).filledAt(0, 12, 2, 2);
      DogPlan plan = on(0, dog);

      assertThat(best(plan)).isAfter(day(5));
      assertThat(of(plan, PlanItem.Kind.CHECK))
          .filteredOn(item -> rules(item).contains(Rule.PLAN_CATCH_UP))
          .extracting(item -> item.window().best())
          .containsExactly(day(1));
      assertThat(of(on(1, dog.quiet(1)), PlanItem.Kind.CHECK))
          .noneMatch(item -> rules(item).contains(Rule.PLAN_CATCH_UP));
    }

    @Test
    void endsAtTheVetWithAnySign() {
      TestDog dog =
          new TestDog().filledAt(0, 10, 4, 4).filledAt(0, 12, 3, 3).check(1, "redness=2", "");
      DogPlan plan = on(1, dog);

      assertThat(of(plan, PlanItem.Kind.VISIT)).hasSize(1);
      assertThat(clean(plan).ears()).as("the other ear goes on").containsExactly(Side.LEFT);
    }

    @Test
    void teachesByItsFirstCleaningOnly() {
      LearnedInterval once =
          on(60, new TestDog().filled(0, 2, 2).filledAt(50, 10, 4, 4)).ears().right().interval();
      LearnedInterval run =
          on(
                  60,
                  new TestDog()
                      .filled(0, 2, 2)
                      .filledAt(50, 10, 4, 4)
                      .filledAt(50, 12, 3, 3)
                      .filled(51, 3, 3)
                      .filled(52, 1, 1))
              .ears()
              .right()
              .interval();
      assertThat(run.observations()).isEqualTo(once.observations()).isEqualTo(1);
    }
  }

  @Nested
  class ADayForTheVet {
    @Test
    void teachesNothingButStartsTheNextCount() {
      TestDog dog = new TestDog().filled(0, 2, 2).check(20, "odour=FOUL", "").filled(20, 4, 2);
      DogPlan plan = on(20, dog);

      assertThat(plan.ears().right().interval().observations()).isZero();
      assertThat(plan.ears().left().interval().observations()).isEqualTo(1);
      assertThat(plan.ears().right().interval().reasons())
          .extracting(Reason::rule)
          .contains(Rule.PLAN_UNWELL);
      LearnedInterval later = on(30, dog.filled(30, 1, 1)).ears().right().interval();
      assertThat(later.reasons().get(0).sentence()).contains("1 cleaning over 10 days");
    }
  }

  @Nested
  class GroomingDays {
    private Preferences every(int days, int from) {
      return new Preferences(
          SchedulingMode.LEARNED,
          14,
          Optional.empty(),
          false,
          Optional.of(new GroomingRhythm(day(from), days)),
          HairRhythm.DEFAULT,
          Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "17, 17", "10, 14", "18, 14"})
    void takeACleaningWhoseWindowContainsThem(int grooming, int expected) {
      DogPlan plan = on(5, new TestDog().filled(0, 2, 2), every(84, grooming));

      assertThat(best(plan)).isEqualTo(day(expected));
      assertThat(rules(clean(plan)).contains(Rule.PLAN_GROOMING)).isEqualTo(expected != 14);
    }

    @Test
    void moveWhatFollowsTooAndTakeTheNearestOfTwo() {
      DogPlan plan = on(5, new TestDog().filled(0, 2, 2), every(14, 1));

      assertThat(plan.cleanings().subList(0, 3))
          .extracting(item -> item.window().best())
          .containsExactly(day(15), day(29), day(43));
    }
  }

  @Nested
  class OnesOwnWord {
    @Test
    void putsAnItemOnADayOfItsWindowAndWhatFollowsCountsFromThere() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      PlanItem.Id item = clean(on(5, dog)).id();
      DogPlan plan = on(5, dog.pin(5, item, 16, null));

      assertThat(clean(plan).id()).isEqualTo(item);
      assertThat(clean(plan).window()).isEqualTo(new Window(day(11), day(16), day(17)));
      assertThat(plan.cleanings().get(1).window().best()).isEqualTo(day(30));
    }

    @Test
    void outsideTheWindowSaysWhy() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      PlanItem.Id item = clean(on(5, dog)).id();
      PlanItem moved = clean(on(5, dog.pin(5, item, 20, "we are away")));

      assertThat(moved.window()).isEqualTo(new Window(day(11), day(20), day(20)));
      assertThat(moved.reasons())
          .extracting(reason -> Wording.METRIC.of(reason.sentence()))
          .contains("You put it on 22 Mar 2026: “we are away”.");
    }

    @Test
    void aboutACheckMovesTheCheck() {
      TestDog dog = new TestDog().quiet(0).filled(0, 2, 2);
      PlanItem check = of(on(1, dog), PlanItem.Kind.CHECK).get(0);
      PlanItem moved = of(on(1, dog.pin(1, check.id(), 6, null)), PlanItem.Kind.CHECK).get(0);

      assertThat(moved.window().best()).isEqualTo(day(6));
    }

    @Test
    void makesAnAppointmentAVisit() {
      TestDog dog = new TestDog().filled(0, 2, 2).appointment(2, 12, "booster");

      PlanItem visit = of(on(3, dog), PlanItem.Kind.VISIT).get(0);
      assertThat(visit.window().best()).isEqualTo(day(12));
      assertThat(of(on(12, dog.visit(12, EarVisit.NOTHING, EarVisit.NOTHING)), PlanItem.Kind.VISIT))
          .isEmpty();
    }
  }

  @Nested
  class OneDogsOwnSchool {
    @Test
    void standsAboveTheHouseholds() {
      TestDog fixed = new TestDog().filled(0, 2, 2).scheduled(SchedulingMode.FIXED, 21);
      assertThat(best(on(5, fixed))).isEqualTo(day(21));
      assertThat(on(5, fixed).ears().left().rhythm().mode()).isEqualTo(SchedulingMode.FIXED);
      TestDog asNeeded = new TestDog().filled(0, 2, 2).scheduled(SchedulingMode.AS_NEEDED, null);
      assertThat(on(5, asNeeded).cleanings()).isEmpty();
    }

    @Test
    void isTheVetsWhereOneGaveAnOrder() {
      TestDog dog =
          new TestDog()
              .scheduled(SchedulingMode.FIXED, 21)
              .visit(2, TestDog.ordered(false, 3, day(30)), EarVisit.NOTHING);
      assertThat(on(2, dog).ears().map(ear -> ear.rhythm().mode()).right())
          .isEqualTo(SchedulingMode.VET);
    }
  }

  @Nested
  class TheWeather {
    @Test
    void isToldAndCountsInsteadOfWhatWasSaid() {
      Preferences humid =
          Preferences.DEFAULT.with(
              Optional.of(new ClimateReading(Climate.HUMID, "a weather service")));
      DogPlan plan = on(0, new TestDog(), humid);

      assertThat(plan.loadFactor().reasons())
          .extracting(Reason::sentence)
          .anyMatch(sentence -> sentence.startsWith("Climate by a weather service: humid, × 1.2"));
    }
  }

  @Nested
  class WhatIsSaidOfAnItem {
    @Test
    void holdsForBothEarsWhicheverComesToLead() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      PlanItem both = clean(on(14, dog));
      dog.skip(14, both.id(), "stitches");
      DogPlan before = on(15, dog);
      DogPlan after = on(15, dog.check(15, "", "discharge=1:TAN_WAX"));

      assertThat(both.ears()).containsExactly(Side.RIGHT, Side.LEFT);
      assertThat(clean(before).window().best()).isEqualTo(day(28));
      assertThat(after.cleanings())
          .as("the quiet check lets the other ear lead")
          .noneMatch(item -> item.window().best().isBefore(day(28)));
    }

    @Test
    void holdsThoughItWasSaidWhenOneEarStoodForBoth() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      String fact = clean(on(14, dog)).id().toString().split(":", -1)[3];
      String once = dog.record().id() + ":CLEAN:RIGHT:" + fact + ":0";

      assertThat(clean(on(5, dog.pin(5, once, 16, null))).window().best()).isEqualTo(day(16));
    }

    @Test
    void countsWhatFollowsFromTheSkippedDay() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      PlanItem second = on(1, dog).cleanings().get(1);
      List<PlanItem> left = on(1, dog.skip(1, second.id(), "away")).cleanings();

      assertThat(second.window().best()).isEqualTo(day(28));
      assertThat(left.get(0).window().best()).isEqualTo(day(14));
      assertThat(left.get(1).window().best()).isEqualTo(day(42));
    }

    @Test
    void widensNoWindowOfItsOwn() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      PlanItem moved = clean(on(5, dog.pin(5, clean(on(5, dog)).id(), 25, "away")));

      assertThat(moved.own()).isEqualTo(new Window(day(11), day(14), day(17)));
      assertThat(moved.fixedBy()).isEqualTo(PlanItem.FixedBy.PERSON);
    }

    @Test
    void keepsACheckInsideAWatch() {
      TestDog dog =
          new TestDog().waterSensitive().quiet(0).exposed(ExposureKind.SWIM, 1, 1).dried(1, 20);
      PlanItem check = of(on(2, dog), PlanItem.Kind.CHECK).get(0);
      DogPlan plan = on(2, dog.pin(2, check.id(), 8, "while we are there"));

      assertThat(of(plan, PlanItem.Kind.CHECK))
          .anySatisfy(item -> assertThat(item.id()).isEqualTo(check.id()));
    }
  }

  @Nested
  class AnId {
    @ParameterizedTest
    @ValueSource(
        strings = {
          "%s:CLEAN:RIGHT:%s:0",
          "%s:CLEAN:RIGHT:%s:0:LEFT:%2$s:3",
          "%s:CHECK:%s:4",
          "%s:CHECK:2026-03-02:water",
          "%s:DRY:2026-03-02",
          "%s:VISIT:%s:catch-up"
        })
    void isReadAsItIsWritten(String pattern) {
      String text = pattern.formatted(new UUID(0, 1), new UUID(0, 2));

      assertThat(PlanItem.Id.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(
        strings = {
          "",
          "x:CLEAN:RIGHT:y:0",
          "00000000-0000-0000-0000-000000000001",
          "00000000-0000-0000-0000-000000000001:CLEAN",
          "00000000-0000-0000-0000-000000000001:CLEAN:RIGHT",
          "00000000-0000-0000-0000-000000000001:CLEAN:UP:00000000-0000-0000-0000-000000000001:0",
          "00000000-0000-0000-0000-000000000001:SING:x:0",
          "00000000-0000-0000-0000-000000000001:CHECK:x:0:more"
        })
    void ofNothingPlannedIsRefused(String text) {
      assertThatThrownBy(() -> PlanItem.Id.parse(text))
          .isInstanceOf(IllegalArgumentException.class);
    }
  }
}
