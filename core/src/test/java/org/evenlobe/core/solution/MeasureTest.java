package org.evenlobe.core.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.solution.Mixes.SHELF;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is measured with in a kitchen. */
class MeasureTest {
  @ParameterizedTest
  @CsvSource({
    "MILLILITRE, water, 60, 60, false",
    "TEASPOON, water, 1, 4.929, false",
    "TEASPOON, water, 0.5, 2.4645, false",
    "TABLESPOON, white-vinegar, 4, 59.148, false",
    "CUP, water, 0.25, 59.147, false",
    "FLUID_OUNCE, water, 2, 59.148, false",
    "IMPERIAL_OUNCE, water, 1, 28.413, false",
    "METRIC_TEASPOON, water, 3, 15, false",
    "METRIC_TABLESPOON, water, 2, 30, false",
    "AUSTRALIAN_TABLESPOON, water, 2, 40, false",
    "METRIC_CUP, water, 1, 250, false",
    "DROP, water, 20, 1, false",
    "DROP, olive-oil, 25, 1, false",
    "DROP, isopropyl-70, 45, 1, false",
    "DROP, glycerine, 20, 1, false",
    "GRAM, boric-acid, 2, 2, false",
    "GRAM, glycerine, 12.6, 10, false",
    "TEASPOON, boric-acid, 1, 3.69675, true",
    "MILLILITRE, boric-acid, 4, 3, true"
  })
  void isSoMuchOfAnIngredient(
      Measure measure, String ingredient, double count, double amount, boolean rough) {
    Ingredient of = SHELF.find(ingredient).orElseThrow();

    assertThat(measure.of(of, count).amount()).isCloseTo(amount, within(1e-9));
    assertThat(measure.isRough(of)).isEqualTo(rough);
  }

  private static PouredLine line(String id, double count, Measure measure, Double each) {
    return new PouredLine(SHELF.find(id).orElseThrow(), count, measure, Optional.ofNullable(each));
  }

  @Test
  void partsShareWhatTheOthersLeaveOfTheWhole() {
    Mix mix =
        PouredLine.mix(
            List.of(
                line("white-vinegar", 1, Measure.PART, null),
                line("water", 2, Measure.PART, null),
                line("witch-hazel", 30, Measure.MILLILITRE, null),
                line("boric-acid", 0.1, Measure.PART, null)),
            120);

    assertThat(mix.parts())
        .extracting(Part::amount)
        .usingElementComparator(Comparator.comparingDouble(a -> Math.round(a * 1e6)))
        .containsExactly(30.0, 60.0, 30.0, 2.25);
    assertThat(mix.millilitres()).isCloseTo(120, within(1e-9));
  }

  @Test
  void aCapsuleAndACountedDropHoldWhatIsSaid() {
    Mix mix =
        PouredLine.mix(
            List.of(
                line("vitamin-e-oil", 2, Measure.CAPSULE, 0.4),
                line("boric-acid", 3, Measure.CAPSULE, 0.6),
                line("water", 10, Measure.DROP, 1 / 25.0)),
            0);

    assertThat(mix.parts().get(0).amount()).isCloseTo(0.8, within(1e-9));
    assertThat(mix.parts().get(1).amount()).isCloseTo(1.8, within(1e-9));
    assertThat(mix.parts().get(2).amount()).isCloseTo(0.4, within(1e-9));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> line("vitamin-e-oil", 2, Measure.CAPSULE, null));
  }
}
