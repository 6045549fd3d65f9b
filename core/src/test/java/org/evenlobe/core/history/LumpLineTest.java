package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.evenlobe.core.TestDog.day;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Lump;
import org.evenlobe.core.record.LumpPlace;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.visit.CallCards;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A lump through the checks of an ear. */
class LumpLineTest {
  private static KnownLump lump(TestDog dog, int today) {
    return DogHistory.of(dog.record(), day(today)).lump(Side.RIGHT).orElseThrow();
  }

  private static List<PlanItem> visits(TestDog dog, int today) {
    return new Planner(BreedCatalogue.shipped())
        .plan(dog.record(), Preferences.DEFAULT, day(today)).items().stream()
            .filter(item -> item.kind() == PlanItem.Kind.VISIT)
            .filter(item -> item.reasons().get(0).sentence().contains("lump"))
            .toList();
  }

  private static TestDog measured(int... millimetres) {
    TestDog dog = new TestDog();
    for (int i = 0; i < millimetres.length; i++) {
      dog.check(7 * i, "lump=" + millimetres[i], "");
    }
    return dog;
  }

  @Test
  void keepsItsFirstDayAndSize() {
    KnownLump known = lump(measured(4, 5), 7);

    assertThat(known.since()).isEqualTo(day(0));
    assertThat(known.first().millimetres()).isEqualTo(4);
    assertThat(known.latest().millimetres()).isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource({"4, 5, false", "4, 6, true", "3, 4, false", "3, 5, true", "10, 8, false"})
  void asksForAVisitOnceItHasGrownByHalf(int first, int then, boolean asked) {
    List<PlanItem> visits = visits(measured(first, then), 7);

    assertThat(visits).hasSize(asked ? 1 : 0);
    visits.forEach(
        visit -> {
          assertThat(visit.window()).isEqualTo(new Window(day(7), day(7), day(14)));
          assertThat(visit.ears()).containsExactly(Side.RIGHT);
          assertThat(visit.pressing()).isFalse();
        });
  }

  @Test
  void isKnownToAVetWhoHasSeenItAndCountsFromThereOn() {
    TestDog dog = measured(4, 6).visit(8, EarVisit.NOTHING, EarVisit.NOTHING);

    assertThat(visits(dog, 9)).isEmpty();
    assertThat(visits(dog.check(14, "lump=8", ""), 14)).isEmpty();
    assertThat(visits(dog.check(21, "lump=9", ""), 21)).hasSize(1);
    assertThat(lump(dog, 21).since()).isEqualTo(day(0));
  }

  @Test
  void isForgottenOnlyWhereACheckMissesItAfterAVisit() {
    assertThat(DogHistory.of(measured(4).quiet(3).record(), day(3)).lump(Side.RIGHT)).isPresent();
    TestDog seen = measured(4).visit(1, EarVisit.NOTHING, EarVisit.NOTHING).quiet(3);

    assertThat(DogHistory.of(seen.record(), day(3)).lump(Side.RIGHT)).isEmpty();
  }

  @Test
  void standsOnTheCardForTheVet() {
    TestDog dog = measured(4).check(7, "lump=5 redness=2", "");
    DogHistory history = DogHistory.of(dog.record(), day(7));

    assertThat(
            CallCards.card(dog.record(), history, Optional.empty(), reaction -> "", day(7))
                .orElseThrow()
                .points())
        .anyMatch(
            point ->
                point.about().equals("Lump")
                    && Wording.METRIC
                        .of(point.words())
                        .equals(
                            "right ear, at the opening: 4 mm on 2 Mar 2026, 5 mm on 9 Mar 2026"));
  }

  @Test
  void isOfNoSizeWhereNoneWasSeen() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                new EarFinding(
                    Grade.NONE,
                    Grade.NONE,
                    Grade.NONE,
                    Grade.NONE,
                    DischargeKind.NONE,
                    Odour.NONE,
                    Grade.NONE,
                    Set.of(),
                    HearingTry.NOT_TRIED,
                    Optional.of(new Lump(LumpPlace.FLAP, 3))));
  }
}
