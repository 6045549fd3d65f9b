package org.evenlobe.core.suit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.solution.Mixes.SHELF;

import java.util.List;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Recipe;
import org.evenlobe.core.solution.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the schools mix. */
class RecipesTest {
  private static final List<Recipe> RECIPES = Recipes.shipped(SHELF);

  @Test
  void thereIsOneOfEachSchoolWithBothSidesArguments() {
    assertThat(RECIPES).hasSize(10);
    assertThat(RECIPES)
        .allMatch(recipe -> !recipe.favour().isEmpty() && !recipe.against().isEmpty());
  }

  @ParameterizedTest
  @CsvSource({
    "vinegar, OK",
    "vinegar-boric, OK",
    "witch-hazel, OK",
    "vinegar-alcohol, OK",
    "boric-dye, CARE",
    "boric-glycerine, OK",
    "peroxide, CARE",
    "vinegar-coconut, CARE",
    "olive-vitamin-e, OK",
    "aloe, OK"
  })
  void suitsAQuietEarOrHasANearestThatDoes(String id, Suits suits) {
    Mix mix =
        RECIPES.stream().filter(recipe -> recipe.id().equals(id)).findFirst().orElseThrow().mix();

    assertThat(
            Suitability.of(Offer.mixed(MixAnalysis.of(mix), false), EarNow.QUIET).inEar().suits())
        .isEqualTo(suits);
    Nearest nearest = Nearest.of(mix, EarNow.QUIET, false, SHELF.water()).orElseThrow();
    assertThat(nearest.changed() == 0).isEqualTo(suits == Suits.OK);
  }
}
