package org.evenlobe.server.solution;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.solution.MixRequest.PartRequest;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a household mixes. */
@RestController
class OwnRecipeController {
  private final OwnRecipes recipes;

  OwnRecipeController(OwnRecipes recipes) {
    this.recipes = recipes;
  }

  /**
   * A recipe of the household's own.
   *
   * @param id its id
   * @param version its version, for saying it anew and for what is made from it
   * @param name what it is called
   * @param parts what is poured together
   * @param note in their own words
   */
  record OwnRecipe(
      UUID id, int version, String name, List<PartRequest> parts, Optional<String> note) {}

  /** Those that are there, by name. */
  @Transactional(readOnly = true)
  @GetMapping("/api/households/{household}/own-recipes")
  public List<OwnRecipe> recipes(@PathVariable UUID household) {
    return recipes.ofHousehold(CurrentMember.household()).stream()
        .map(one -> new OwnRecipe(one.id(), one.version(), one.name(), one.parts(), one.note()))
        .toList();
  }
}
