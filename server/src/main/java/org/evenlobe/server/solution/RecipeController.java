package org.evenlobe.server.solution;

import java.time.Duration;
import java.util.List;
import java.util.function.Supplier;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Recipe;
import org.evenlobe.core.solution.Recipes;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Nearest;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.suit.Suitability;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the schools mix, and what the rules say of it for a quiet ear. */
@RestController
class RecipeController {
  /** Made when they are first asked for: a start need not wait for them. */
  private final Supplier<List<RecipeCard>> cards;

  RecipeController(Ingredients shelf) {
    Ingredient water = shelf.water();
    cards =
        SingletonSupplier.of(
            () -> Recipes.shipped(shelf).stream().map(recipe -> card(recipe, water)).toList());
  }

  /**
   * A recipe of a school.
   *
   * @param id its id
   * @param name what it is called
   * @param parts what is poured together
   * @param favour what its people say
   * @param against what its critics say
   * @param said whether it suits a quiet ear, and why not
   * @param nearest the nearest that does; the recipe itself where it does
   * @param changes what is changed in that
   */
  record RecipeCard(
      String id,
      String name,
      List<PouredPart> parts,
      String favour,
      String against,
      Suitability.SuitsAnswer said,
      List<PouredPart> nearest,
      List<Reason> changes) {}

  @GetMapping("/api/recipes")
  ResponseEntity<List<RecipeCard>> recipes() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
        .body(cards.get());
  }

  private static RecipeCard card(Recipe recipe, Ingredient water) {
    Nearest nearest =
        Nearest.of(recipe.mix(), EarNow.QUIET, false, water)
            .orElse(new Nearest(new Mix(List.of()), 0, List.of()));
    return new RecipeCard(
        recipe.id(),
        recipe.name(),
        PouredPart.of(recipe.mix()),
        recipe.favour(),
        recipe.against(),
        Suitability.of(Offer.mixed(MixAnalysis.of(recipe.mix()), false), EarNow.QUIET).inEar(),
        PouredPart.of(nearest.mix()),
        nearest.reasons());
  }
}
