package org.evenlobe.core.trend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.TestDog.day;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.trend.Follows.Outcome;
import org.junit.jupiter.api.Test;

/** What flares follow (rule TREND_FOLLOWS). */
class FollowsTest {

  /** Swims whose fifth to fourteenth days are 44 of 200; flares from those days. */
  private static TestDog swimmer(int... flares) {
    TestDog dog = new TestDog().quiet(0);
    for (int swim : new int[] {20, 60, 100, 140, 144}) {
      dog.exposed(ExposureKind.SWIM, swim, swim);
    }
    return flares(dog, flares).quiet(199);
  }

  private static TestDog flares(TestDog dog, int... flares) {
    for (int flare : flares) {
      dog.check(flare, "redness=3", "").quiet(flare + 3, flare + 6);
    }
    return dog;
  }

  private static List<Follows> follows(TestDog dog, int today) {
    return Follows.of(DogHistory.of(dog.record(), day(today)), id -> Optional.empty());
  }

  private static Optional<Follows> follows(TestDog dog, int today, Trigger trigger) {
    return follows(dog, today).stream().filter(one -> one.trigger() == trigger).findFirst();
  }

  @Test
  void threeOfFourAfterWaterIsMoreThanChance() {
    Follows water = follows(swimmer(27, 68, 110, 80), 199, Trigger.WATER).orElseThrow();

    assertThat(water.outcome()).isEqualTo(Outcome.PROPOSED);
    assertThat(water.covered()).isEqualTo(0.22);
    assertThat(water.p().orElseThrow()).isCloseTo(0.03556432, within(1e-8));
    // (0.75 ÷ 0.25) ÷ (0.22 ÷ 0.78), and the limits of 3 of 4 the same way
    assertThat(water.odds().orElseThrow()).isCloseTo(10.636364, within(1e-6));
    assertThat(water.low().orElseThrow()).isCloseTo(1.173040, within(1e-5));
    assertThat(water.high().orElseThrow()).isCloseTo(274.716, within(1e-2));
    assertThat(water.reason().sentence())
        .startsWith("3 of 4 flares began 5 to 14 days after water; by chance 0.9 would.");
    assertThat(follows(swimmer(27, 68, 110, 80), 199).get(0)).isEqualTo(water);
  }

  @Test
  void whatBeginsSoonerThanFiveDaysAfterWaterDoesNotCount() {
    Follows water = follows(swimmer(24, 68, 110, 80), 199, Trigger.WATER).orElseThrow();

    assertThat(water.hits()).isEqualTo(2);
    assertThat(water.outcome()).isEqualTo(Outcome.NO_CLEAR_LINK);
  }

  @Test
  void twoFlaresAreTooFew() {
    Follows water = follows(swimmer(27, 68), 199, Trigger.WATER).orElseThrow();

    assertThat(water.outcome()).isEqualTo(Outcome.TOO_FEW);
    assertThat(water.reason().sentence()).contains("2 flares on record, too few to tell");
    assertThat(water.p()).isEmpty();
  }

  @Test
  void waterOnMostDaysIsTooOftenAndIsToBeKeptAway() {
    TestDog dog = flares(new TestDog().quiet(0), 30, 60, 90).quiet(120);
    for (int swim = 1; swim < 120; swim += 7) {
      dog.exposed(ExposureKind.SWIM, swim, swim);
    }

    Follows water = follows(dog, 120, Trigger.WATER).orElseThrow();

    assertThat(water.outcome()).isEqualTo(Outcome.TOO_OFTEN);
    assertThat(water.reason().sentence()).contains("dry for six weeks and compare");
  }

  @Test
  void anythingElseNeedsALevelOfOneInAHundred() {
    TestDog dog = new TestDog().quiet(0);
    for (int hike : new int[] {20, 60, 100}) {
      dog.exposed(ExposureKind.FIELD, hike, hike);
    }
    Follows three = follows(flares(dog, 27, 68, 80).quiet(199), 199, Trigger.FIELD).orElseThrow();

    assertThat(three.p().orElseThrow()).isBetween(0.01, 0.2);
    assertThat(three.outcome()).isEqualTo(Outcome.NO_CLEAR_LINK);
    assertThat(Follows.of(Trigger.FIELD, 4, 4, 0.22, 0, Optional.empty()).outcome())
        .isEqualTo(Outcome.PROPOSED);
  }

  @Test
  void whatIsNotOnRecordIsNotAsked() {
    assertThat(follows(swimmer(27, 68, 110), 199))
        .extracting(Follows::trigger)
        .doesNotContain(Trigger.FOOD, Trigger.CLEANINGS, Trigger.NEW_CLEANER, Trigger.BATH)
        .contains(Trigger.MARCH_TO_MAY, Trigger.SEPTEMBER_TO_NOVEMBER);
  }

  @Test
  void theThirdCleaningWithinFifteenDaysCounts() {
    TestDog dog = new TestDog().quiet(0).filled(10, 1, 1).filled(17, 1, 1);

    assertThat(follows(dog.quiet(40), 40, Trigger.CLEANINGS)).isEmpty();
    // days 10, 17 and 24 are fifteen; 25 would be one too many
    assertThat(follows(dog.filled(24, 1, 1), 40, Trigger.CLEANINGS)).isPresent();
    assertThat(
            follows(
                new TestDog().filled(10, 1, 1).filled(17, 1, 1).filled(25, 1, 1).quiet(40),
                40,
                Trigger.CLEANINGS))
        .isEmpty();
  }

  @Test
  void aCleanerIsNewWhereAnotherWasUsedBeforeIt() {
    UUID first = new UUID(7, 1);
    UUID again = new UUID(7, 2);
    UUID other = new UUID(7, 3);
    Map<UUID, String> names = Map.of(first, "Mild", again, "mild ", other, "Drying");
    TestDog dog = new TestDog().quiet(0).cleanedWith(5, first).cleanedWith(20, again);

    assertThat(
            Follows.of(
                DogHistory.of(dog.quiet(60).record(), day(60)),
                id -> Optional.ofNullable(names.get(id))))
        .extracting(Follows::trigger)
        .doesNotContain(Trigger.NEW_CLEANER);
    Follows found =
        Follows.of(
                DogHistory.of(dog.cleanedWith(40, other).record(), day(60)),
                id -> Optional.ofNullable(names.get(id)))
            .stream()
            .filter(one -> one.trigger() == Trigger.NEW_CLEANER)
            .findFirst()
            .orElseThrow();
    // days 41 to 54 of 0 to 60
    assertThat(found.covered()).isCloseTo(14 / 61.0, within(1e-12));
  }

  @Test
  void aFlareThatOnlyALookForWaterFoundIsSaidToBeSo() {
    // day 24 was looked at, so that without the look on day 27 the next would have been day 31
    TestDog dog = swimmer(27, 68, 110, 80).quiet(24).waterSensitive();

    Follows water = follows(dog, 199, Trigger.WATER).orElseThrow();

    assertThat(water.watched()).isEqualTo(1);
    assertThat(water.reason().sentence()).contains("1 of them was found only by a look");
  }

  @Test
  void onceAPersonSaysYesThePlanCleansAfterWaterAndWatches() {
    TestDog dog = swimmer(27, 68, 110, 80).exposed(ExposureKind.SWIM, 199, 199);
    Planner planner = new Planner(BreedCatalogue.shipped());

    assertThat(kinds(planner.plan(dog.record(), Preferences.DEFAULT, day(200))))
        .doesNotContain(PlanItem.Kind.WATCH);
    dog.says(199, Trigger.WATER, true);
    assertThat(kinds(planner.plan(dog.record(), Preferences.DEFAULT, day(200))))
        .contains(PlanItem.Kind.WATCH);
    assertThat(follows(dog, 200, Trigger.WATER).orElseThrow().said()).contains(true);
    dog.says(200, Trigger.WATER, false);
    assertThat(kinds(planner.plan(dog.record(), Preferences.DEFAULT, day(200))))
        .doesNotContain(PlanItem.Kind.WATCH);
  }

  private static List<PlanItem.Kind> kinds(DogPlan plan) {
    return plan.items().stream().map(PlanItem::kind).toList();
  }
}
