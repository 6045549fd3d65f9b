package org.evenlobe.core.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.solution.Mixes.SHELF;

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
}
