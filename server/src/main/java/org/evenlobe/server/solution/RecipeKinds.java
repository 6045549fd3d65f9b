package org.evenlobe.server.solution;

import java.util.Optional;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of what a household mixes; a batch names the version that it was made from. */
@Configuration
class RecipeKinds {

  @Bean
  FactKind<RecipeRequest, StoredRecipe> recipeKind(Ingredients shelf) {
    return new FactKind<>(
        "recipes",
        RecipeRequest.class,
        StoredRecipe.class,
        StoredRecipe::new,
        true,
        Role.CARER,
        said -> Optional.empty(),
        (id, said) -> {
          InvalidFields.Collector errors = new InvalidFields.Collector();
          for (int i = 0; i < said.parts().size(); i++) {
            String named = said.parts().get(i).ingredient();
            errors.require(
                !named.equals(id.toString()) && !named.equalsIgnoreCase(said.name().strip()),
                "parts[" + i + "].ingredient",
                "names the recipe itself");
          }
          errors.throwIfAny();
          new MixRequest(said.parts(), null, null).toCore(shelf);
        });
  }
}
