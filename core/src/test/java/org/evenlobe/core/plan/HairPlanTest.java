package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.List;
import java.util.stream.Collectors;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HairRhythm;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When the hair of the ears is to be seen to. */
class HairPlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());

  private static TestDog dog() {
    return new TestDog().haired(CanalHair.DENSE);
  }

  private static List<PlanItem> items(TestDog dog, int today, HairCare care, int weeks) {
    Preferences preferences = Preferences.DEFAULT.with(new HairRhythm(care, weeks));
    return PLANNER.plan(dog.record(), preferences, day(today)).items().stream()
        .filter(item -> item.kind() == PlanItem.Kind.HAIR)
        .toList();
  }

  private static PlanItem next(TestDog dog, int today) {
    return items(dog, today, HairCare.TRIM, 8).get(0);
  }

  @Test
  void comesBackEightWeeksAfterItWasTrimmed() {
    PlanItem item = next(dog().hairDone(7, HairWork.TRIMMED), 20);

    assertThat(item.window()).isEqualTo(new Window(day(52), day(63), day(74)));
    assertThat(item.standing()).isEqualTo(Standing.LATER);
    assertThat(item.ears()).containsExactly(Side.RIGHT, Side.LEFT);
    assertThat(item.reasons()).extracting(Reason::rule).containsExactly(Rule.PLAN_HAIR);
    assertThat(Wording.METRIC.of(item.reasons().get(0).sentence()))
        .isEqualTo(
            "Trimmed on 9 Mar 2026, and done every 8 weeks. Trim round the opening, blunt tips"
                + " pointing away from the canal.");
  }

  @ParameterizedTest
  @CsvSource({"1, 14", "4, 35", "12, 91"})
  void goesByThePersonsOwnWeeks(int weeks, int expected) {
    assertThat(items(dog().hairDone(7, HairWork.TRIMMED), 40, HairCare.TRIM, weeks).get(0))
        .extracting(item -> item.window().best())
        .isEqualTo(day(expected));
  }

  @ParameterizedTest
  @CsvSource({
    "LEAVE, DENSE, ",
    "TRIM, NONE, ",
    "TRIM, SOME, Trim",
    "TRIM, DENSE, Trim",
    "PLUCK, SOME, Trim",
    "PLUCK, DENSE, Pluck"
  })
  void isPlannedWhereHairGrowsAndTheHouseholdSeesToIt(
      HairCare care, CanalHair grows, String asked) {
    List<PlanItem> items = items(new TestDog().haired(grows), 60, care, 8);

    if (asked == null) {
      assertThat(items).isEmpty();
    } else {
      assertThat(items.get(0).reasons().get(0).sentence()).contains(asked);
    }
  }

  @Test
  void isOfferedAndNeverOverdueBeforeTheFirstTime() {
    assertThat(next(dog(), 3).window().best()).isEqualTo(day(56));
    PlanItem late = next(dog(), 200);
    assertThat(late.window().best()).isEqualTo(day(200));
    assertThat(late.standing()).isEqualTo(Standing.DUE);
  }

  @Test
  void isOverdueAfterItsWindow() {
    assertThat(next(dog().hairDone(0, HairWork.TRIMMED), 68).standing())
        .isEqualTo(Standing.OVERDUE);
  }

  @Test
  void countsEachEarForItself() {
    TestDog dog = dog().hairDone(0, HairWork.TRIMMED).hairDone(40, HairWork.TRIMMED, Side.RIGHT);

    assertThat(next(dog, 50).ears()).containsExactly(Side.LEFT);
    assertThat(next(dog, 50).window().best()).isEqualTo(day(56));
    assertThat(next(dog.hairDone(45, HairWork.PLUCKED, Side.LEFT), 53).ears())
        .containsExactly(Side.RIGHT, Side.LEFT);
  }

  @Test
  void isNotDoneByCombing() {
    assertThat(
            next(dog().hairDone(0, HairWork.TRIMMED).hairDone(50, HairWork.COMBED), 52)
                .window()
                .best())
        .isEqualTo(day(56));
  }

  @ParameterizedTest
  @CsvSource({
    "TRIM, redness=2, 'RIGHT, LEFT'",
    "PLUCK, redness=2, LEFT",
    "TRIM, redness=3, LEFT",
    "PLUCK, redness=3, LEFT",
    "PLUCK, redness=1, LEFT",
    "TRIM, redness=1, 'RIGHT, LEFT'"
  })
  void leavesASoreEarAlone(HairCare care, String right, String ears) {
    TestDog dog = dog().check(60, right, "");

    assertThat(
            items(dog, 60, care, 8).get(0).ears().stream()
                .map(Side::name)
                .collect(Collectors.joining(", ")))
        .isEqualTo(ears);
  }

  @Test
  void comesAWholeTimeLaterOnceItIsSkipped() {
    TestDog dog = dog().hairDone(0, HairWork.TRIMMED);
    PlanItem skipped = next(dog, 58);

    assertThat(next(dog.skip(58, skipped.id(), "at the groomer's next month"), 59).window().best())
        .isEqualTo(day(59 + 56));
  }

  @Test
  void standsWhereAPersonPutsIt() {
    TestDog dog = dog().hairDone(0, HairWork.TRIMMED);

    assertThat(next(dog.pin(50, next(dog, 50).id(), 61, "groomer"), 51).window().best())
        .isEqualTo(day(61));
  }
}
