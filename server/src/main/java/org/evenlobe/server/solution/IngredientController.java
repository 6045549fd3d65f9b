package org.evenlobe.server.solution;

import java.time.Duration;
import java.util.List;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What may be on the shelf. */
@RestController
class IngredientController {
  private final Ingredients ingredients;

  IngredientController(Ingredients ingredients) {
    this.ingredients = ingredients;
  }

  @GetMapping("/api/ingredients")
  ResponseEntity<List<Ingredient>> ingredients() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
        .body(ingredients.all());
  }
}
