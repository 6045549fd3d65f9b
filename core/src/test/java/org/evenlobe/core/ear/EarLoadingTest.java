package org.evenlobe.core.ear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.LoadTrait;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class EarLoadingTest {
  private static final BreedCatalogue BREEDS = BreedCatalogue.shipped();
  private static final Life QUIET =
      new Life(
          WaterHabit.NEVER, Ground.MIXED, Climate.TEMPERATE, Allergy.NONE, InfectionHistory.NONE);

  private static EarTraits ears(Carriage carriage, CanalHair hair, Feathering feathering) {
    return new EarTraits(carriage, false, hair, feathering);
  }

  private static LoadFactor factor(EarTraits ears, Life life) {
    return EarLoading.loadFactor(ears, life, Optional.empty());
  }

  @Nested
  class WorkedCases {
    @Test
    void aFeatheredPendulousEarWithDenseHairThatSwimsWeeklyIsHeldAtFour() {
      Life swims =
          new Life(
              WaterHabit.WEEKLY,
              Ground.MIXED,
              Climate.TEMPERATE,
              Allergy.NONE,
              InfectionHistory.NONE);

      LoadFactor factor =
          factor(ears(Carriage.PENDULOUS, CanalHair.DENSE, Feathering.HEAVY), swims);

      assertThat(factor.product()).isCloseTo(4.508, within(1e-9));
      assertThat(factor.value()).isEqualTo(4);
      assertThat(last(factor).sentence())
          .isEqualTo(
              "As loaded as so many average ears: 2 · 1.4 · 1.15 · 1.4 = 4.51; taken as 4, the most"
                  + " there is.");
    }

    @Test
    void anErectBareEarIndoorsInDryAirIsHeldAboveTheLeast() {
      Life indoors =
          new Life(
              WaterHabit.NEVER,
              Ground.MOSTLY_INDOORS,
              Climate.DRY,
              Allergy.NONE,
              InfectionHistory.NONE);

      LoadFactor factor = factor(ears(Carriage.ERECT, CanalHair.NONE, Feathering.NONE), indoors);

      assertThat(factor.value()).isCloseTo(0.4275, within(1e-9)).isEqualTo(factor.product());
    }

    @Test
    void aCroppedEarIsAiredLikeAnErectOne() {
      EarTraits cropped = new EarTraits(Carriage.DROP, true, CanalHair.NONE, Feathering.NONE);

      assertThat(factor(cropped, QUIET).value()).isEqualTo(0.5);
    }

    private Reason last(LoadFactor factor) {
      return factor.reasons().get(factor.reasons().size() - 1);
    }
  }

  @Nested
  class ByBreed {
    @ParameterizedTest
    @CsvSource({
      // (5.87 / 1.76)^0.35 · (3.44 / 1.84)^0.35 · (0.20 / 1)^0.35 held at 0.6
      "basset-hound, 1.5245",
      "shar-pei, 1.2449",
      "chihuahua, 0.6",
      "border-collie, 0.6255",
      "rottweiler, 1.0"
    })
    void countsBeyondItsEarShapeOnly(String breed, double times) {
      LoadFactor factor =
          EarLoading.loadFactor(
              ears(Carriage.DROP, CanalHair.NONE, Feathering.NONE), QUIET, BREEDS.find(breed));

      assertThat(times(factor, Rule.EAR_BREED)).isCloseTo(times, within(5e-4));
    }

    @Test
    void saysThatNothingIsOnRecordInsteadOfAFinding() {
      LoadFactor factor =
          EarLoading.loadFactor(
              ears(Carriage.DROP, CanalHair.NONE, Feathering.NONE),
              QUIET,
              BREEDS.find("rottweiler"));

      assertThat(factor.reasons())
          .filteredOn(reason -> reason.rule() == Rule.EAR_BREED)
          .singleElement()
          .satisfies(
              reason -> {
                assertThat(reason.sentence()).contains("no published odds ratio on record");
                assertThat(reason.numbers()).doesNotContainKey("oddsRatioOfBreed");
              });
    }

    @Test
    void takesTheRatioOfTheCatalogueCarriageWhateverThisDogsIs() {
      EarTraits erect = ears(Carriage.ERECT, CanalHair.NONE, Feathering.NONE);

      LoadFactor factor = EarLoading.loadFactor(erect, QUIET, BREEDS.find("beagle"));

      assertThat(times(factor, Rule.EAR_BREED))
          .isCloseTo(Math.pow(2.54 / 1.76, 0.35), within(1e-9));
    }
  }

  @Nested
  class Laws {
    @ParameterizedTest
    @EnumSource(Carriage.class)
    void aMoreClosedEarNeverGathersSlower(Carriage carriage) {
      for (CanalHair hair : CanalHair.values()) {
        double here = factor(ears(carriage, hair, Feathering.NONE), QUIET).value();
        for (Carriage closed : EnumSet.range(carriage, Carriage.PENDULOUS)) {
          assertThat(factor(ears(closed, hair, Feathering.NONE), QUIET).value())
              .isGreaterThanOrEqualTo(here);
        }
      }
    }

    @Test
    void staysWithinItsBoundsAndIsTheProductOfItsReasons() {
      for (Carriage carriage : Carriage.values()) {
        for (WaterHabit water : WaterHabit.values()) {
          for (InfectionHistory infections : InfectionHistory.values()) {
            Life life =
                new Life(
                    water, Ground.DUSTY_OR_BRUSHY, Climate.HUMID, Allergy.DIAGNOSED, infections);
            LoadFactor factor = factor(ears(carriage, CanalHair.DENSE, Feathering.HEAVY), life);

            double product =
                factor.reasons().stream()
                    .mapToDouble(reason -> reason.numbers().getOrDefault("times", 1.0))
                    .reduce(1, (a, b) -> a * b);
            assertThat(factor.product()).isCloseTo(product, within(1e-9));
            assertThat(factor.value()).isBetween(LoadFactor.LEAST, LoadFactor.MOST);
          }
        }
      }
    }

    @Test
    void everyTraitGrowsFromItsFirstConstantToItsLast() {
      List<LoadTrait[]> scales =
          List.of(
              Carriage.values(),
              CanalHair.values(),
              Feathering.values(),
              WaterHabit.values(),
              Ground.values(),
              Climate.values(),
              Allergy.values(),
              InfectionHistory.values());

      for (LoadTrait[] scale : scales) {
        assertThat(scale).isSortedAccordingTo((a, b) -> Double.compare(a.factor(), b.factor()));
      }
    }
  }

  private static double times(LoadFactor factor, Rule rule) {
    return factor.reasons().stream()
        .filter(reason -> reason.rule() == rule)
        .findFirst()
        .orElseThrow()
        .numbers()
        .get("times");
  }
}
