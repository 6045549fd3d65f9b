package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.PlanItem.Kind;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.LightLook.Change;
import org.evenlobe.core.record.Preferences;
import org.junit.jupiter.api.Test;

/** What a vet ordered for the right ear, on day 1, as it stands in the plan. */
class OrderedPlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());

  private static DogPlan on(int day, TestDog dog) {
    return PLANNER.plan(dog.record(), Preferences.DEFAULT, day(day));
  }

  private static TestDog ordered(HowOften often, Integer until) {
    EarVisit order =
        TestDog.order(
            CleaningInstruction.clean(often, Optional.ofNullable(until).map(TestDog::day)));
    return new TestDog().check(0, "odour=FOUL", "").visit(1, order, EarVisit.NOTHING);
  }

  private static List<PlanItem> ordered(DogPlan plan) {
    return plan.cleanings().stream()
        .filter(item -> item.fixedBy() == PlanItem.FixedBy.VET)
        .toList();
  }

  private static List<LocalDate> days(DogPlan plan, Kind kind) {
    return plan.items().stream()
        .filter(item -> item.kind() == kind)
        .map(item -> item.window().best())
        .toList();
  }

  @Test
  void aCleaningInTheMorningSaysThatAnotherFollowsInTheEvening() {
    TestDog dog = ordered(HowOften.timesADay(2), 10).cleaned(2, Side.RIGHT);
    CleaningRecord morning = dog.record().cleanings().get(0);

    assertThat(
            CleaningOutcome.of(PLANNER, dog.record(), morning, Preferences.DEFAULT)
                .again()
                .orElseThrow()
                .sentence())
        .isEqualTo("Again today, about 20:00, as your vet ordered.");
  }

  @Test
  void twiceADayForTenDaysIsTwentyAtEightAndAtTwenty() {
    List<PlanItem> items = ordered(on(1, ordered(HowOften.timesADay(2), 10)));

    assertThat(items).hasSize(20).allMatch(item -> item.ears().equals(List.of(Side.RIGHT)));
    assertThat(items.subList(0, 3))
        .extracting(item -> item.window().best() + " " + item.hour().orElseThrow())
        .containsExactly(day(1) + " 08:00", day(1) + " 20:00", day(2) + " 08:00");
    assertThat(items.stream().map(PlanItem::id).distinct()).hasSize(20);
  }

  @Test
  void eachThatIsDoneGoesAndOneThatWasMissedIsNotMadeUp() {
    TestDog dog = ordered(HowOften.timesADay(2), 10).cleaned(2, Side.RIGHT);

    assertThat(ordered(on(2, dog)).get(0).hour()).map(Object::toString).contains("20:00");
    assertThat(ordered(on(3, dog))).hasSize(16);
  }

  @Test
  void everyThreeDaysCountsFromTheLastOneWithoutAGuard() {
    TestDog dog = ordered(HowOften.everyDays(3), 20);
    assertThat(ordered(on(1, dog)).subList(0, 2))
        .extracting(item -> item.window().best())
        .containsExactly(day(1), day(4));

    assertThat(ordered(on(2, dog.cleaned(2, Side.RIGHT))).get(0).window().best()).isEqualTo(day(5));
  }

  @Test
  void onWeekdaysIsOnThose() {
    assertThat(ordered(on(1, ordered(HowOften.on(Set.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)), 15))))
        .extracting(item -> item.window().best().getDayOfWeek())
        .containsOnly(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)
        .hasSize(4);
  }

  @Test
  void onceStaysUntilItIsDone() {
    TestDog dog = ordered(HowOften.once(), null);
    assertThat(ordered(on(6, dog))).hasSize(1);

    assertThat(ordered(on(7, dog.cleaned(7, Side.RIGHT)))).isEmpty();
  }

  @Test
  void isLookedAtEachDayAndCheckedEveryThird() {
    DogPlan plan = on(1, ordered(HowOften.timesADay(2), 10));

    assertThat(days(plan, Kind.CHECK).subList(0, 4))
        .containsExactly(day(1), day(4), day(7), day(10));
    assertThat(days(plan, Kind.LOOK))
        .containsExactly(day(2), day(3), day(5), day(6), day(8), day(9));
  }

  @Test
  void countsTheChecksFromTheLastOne() {
    TestDog dog = ordered(HowOften.timesADay(2), 10).check(2, "odour=FOUL", "");

    assertThat(days(on(3, dog), Kind.CHECK).get(0)).isEqualTo(day(5));
    assertThat(days(on(3, dog.look(3, Change.SAME, false)), Kind.LOOK).get(0)).isEqualTo(day(4));
  }

  @Test
  void wantsAFullCheckAtOnceAfterALookThatSaysWorse() {
    TestDog dog = ordered(HowOften.timesADay(2), 10).check(2, "odour=FOUL", "");
    DogPlan plan = on(3, dog.look(3, Change.WORSE, false));

    assertThat(days(plan, Kind.CHECK).get(0)).isEqualTo(day(3));
    assertThat(ordered(plan)).isEmpty();
  }

  @Test
  void putsTheVetFirstWhereItIsNoBetterByTheThirdDay() {
    assertThat(
            days(on(4, ordered(HowOften.timesADay(2), 10).check(4, "odour=FOUL", "")), Kind.VISIT))
        .as("it showed no score and no pain then")
        .isEmpty();
    TestDog sore = new TestDog().check(0, "redness=2", "");
    sore.visit(
        1,
        TestDog.order(CleaningInstruction.clean(HowOften.timesADay(1), Optional.of(day(10)))),
        EarVisit.NOTHING);
    DogPlan plan = on(4, sore.check(4, "redness=2", ""));
    assertThat(plan.items().get(0).kind()).isEqualTo(Kind.VISIT);
    assertThat(plan.items().get(0).pressing()).isTrue();
    assertThat(ordered(plan)).as("the order goes on").isNotEmpty();
  }

  @Test
  void saysTheSameForTheEarAsForItsItems() {
    DogPlan plan = on(1, ordered(HowOften.timesADay(2), 10));

    assertThat(Wording.METRIC.of(plan.ears().right().rhythm().reasons().get(0).sentence()))
        .isEqualTo("Your vet said on 3 Mar 2026: clean it twice a day, until 12 Mar 2026.");
    assertThat(Wording.METRIC.of(ordered(plan).get(0).reasons().get(0).sentence()))
        .isEqualTo(
            "The right ear. Your vet said on 3 Mar 2026: clean it twice a day, until 12 Mar 2026."
                + " This is number 1 of 2 on the day, about 8:00.");
  }

  @Test
  void asksForACheckTheDayAfterACleaningThatShowedASign() {
    TestDog dog = new TestDog().quiet(0);
    dog.showed(
        2,
        new EarCleaning.Noticed(
            Optional.empty(),
            Optional.empty(),
            Optional.of(DischargeKind.GREEN),
            Optional.empty(),
            Optional.empty(),
            Optional.empty()));
    DogPlan plan = on(2, dog);

    assertThat(days(plan, Kind.CHECK).get(0)).isEqualTo(day(3));
    assertThat(plan.items().get(0).kind()).isEqualTo(Kind.VISIT);
  }

  @Test
  void looksAgainTheDayAfterTheCleaningThatFollowedWaxWithAnItch() {
    TestDog dog = new TestDog().check(3, "discharge=2:BROWN", "", "scratching=1");
    assertThat(days(on(3, dog), Kind.CHECK).get(0)).isEqualTo(day(6));

    assertThat(days(on(4, dog.cleaned(4, Side.RIGHT, Side.LEFT)), Kind.CHECK).get(0))
        .isEqualTo(day(5));
  }

  @Test
  void showsAYearlyLookThatDoesNotPress() {
    TestDog dog = new TestDog().quiet(0);
    PlanItem look =
        on(340, dog).items().stream()
            .filter(item -> item.kind() == Kind.VISIT)
            .findFirst()
            .orElseThrow();

    assertThat(look.window().best()).isEqualTo(day(365));
    assertThat(look.pressing()).isFalse();
    assertThat(days(on(370, dog), Kind.VISIT)).containsExactly(day(395));
  }
}
