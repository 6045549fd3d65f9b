package org.evenlobe.core.own;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.OilMeasure;
import org.evenlobe.core.record.OilSource;
import org.evenlobe.core.record.Supplement;
import org.evenlobe.core.suit.Suits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** EPA and DHA a day against both lines. */
class OmegaTest {

  private static Supplement oil(
      OilSource source, OilMeasure per, double mg, double n, OilMeasure by) {
    return new Supplement(source, per, mg, 0, Optional.of(2.0), Optional.of(1.0), n, by);
  }

  private static Omega of(Supplement oil, double kilograms) {
    return Omega.of(oil, Optional.of(new Weight(kilograms)), false);
  }

  @ParameterizedTest
  @CsvSource({
    // kg, the line for itchy skin, the safe upper limit
    "1, 125, 370",
    "5, 418, 1237",
    "10, 703, 2081",
    "20, 1182, 3499",
    "40, 1988, 5885"
  })
  void bothLinesGoByTheWeight(double kilograms, double forItch, double most) {
    Omega omega =
        of(oil(OilSource.FISH, OilMeasure.TEASPOON, 800, 1, OilMeasure.TEASPOON), kilograms);

    assertThat(omega.forItch().orElseThrow()).isCloseTo(forItch, within(0.5));
    assertThat(omega.most().orElseThrow()).isCloseTo(most, within(0.5));
  }

  @ParameterizedTest
  @CsvSource({
    // strength per, mg in it, given by, how many: mg a day (a teaspoon is 4.6 g in 5 mL, a capsule
    // 1 g)
    "CAPSULE, 300, CAPSULE, 3, 900",
    "TEASPOON, 1380, CAPSULE, 2, 600",
    "CAPSULE, 300, TEASPOON, 1, 1380",
    "MILLILITRE, 276, TEASPOON, 2, 2760",
    "TEASPOON, 1380, MILLILITRE, 2.5, 690",
    "MILLILITRE, 276, CAPSULE, 4.6, 1380"
  })
  void spoonsCapsulesAndMillilitresConvert(
      OilMeasure per, double mg, OilMeasure by, double many, double expected) {
    Omega omega = of(oil(OilSource.FISH, per, mg, many, by), 20);

    assertThat(omega.milligrams()).isCloseTo(expected, within(1e-6));
    assertThat(omega.vitaminE().orElseThrow()).isCloseTo(2 * expected / mg, within(1e-6));
    assertThat(omega.amounts()).containsEntry(by, many).hasSize(3);
  }

  @Test
  void aboveTheLimitItIsNoWithoutTheVetsWord() {
    Supplement much = oil(OilSource.FISH, OilMeasure.TEASPOON, 1750, 2.01, OilMeasure.TEASPOON);

    assertThat(of(much, 20).suits()).isEqualTo(Suits.NO);
    assertThat(of(much, 20).reasons().get(0).sentence()).contains("3499 mg", "vet's word");
    assertThat(Omega.of(much, Optional.of(new Weight(20)), true).suits()).isEqualTo(Suits.CARE);
    assertThat(of(much, 21).suits()).isEqualTo(Suits.OK);
  }

  @Test
  void oilOfLiverIsNoWithoutTheVetsWordHoweverLittle() {
    Supplement little = oil(OilSource.LIVER, OilMeasure.MILLILITRE, 10, 1, OilMeasure.MILLILITRE);

    assertThat(of(little, 30).suits()).isEqualTo(Suits.NO);
    assertThat(of(little, 30).reasons().get(0).sentence()).contains("vitamins A and D");
    assertThat(Omega.of(little, Optional.empty(), true).suits()).isEqualTo(Suits.CARE);
  }

  @Test
  void oilFromPlantsHasNone() {
    Omega flax = of(oil(OilSource.PLANT, OilMeasure.TEASPOON, 0, 1, OilMeasure.TEASPOON), 20);

    assertThat(flax.milligrams()).isZero();
    assertThat(flax.reasons())
        .extracting(one -> one.sentence())
        .anyMatch(s -> s.contains("neither"));
    assertThatThrownBy(() -> oil(OilSource.PLANT, OilMeasure.TEASPOON, 1, 1, OilMeasure.TEASPOON))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void withoutAWeightThereAreNoLines() {
    Omega omega =
        Omega.of(
            oil(OilSource.FISH, OilMeasure.TEASPOON, 800, 9, OilMeasure.TEASPOON),
            Optional.empty(),
            false);

    assertThat(omega.most()).isEmpty();
    assertThat(omega.reasons().get(0).sentence()).contains("Weigh the dog");
  }

  @Test
  void whatACapsuleHoldsMustBeKnownWhereItIsConverted() {
    assertThatThrownBy(
            () ->
                new Supplement(
                    OilSource.FISH,
                    OilMeasure.TEASPOON,
                    800,
                    0,
                    Optional.empty(),
                    Optional.empty(),
                    1,
                    OilMeasure.CAPSULE))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
