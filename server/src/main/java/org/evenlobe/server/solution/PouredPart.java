package org.evenlobe.server.solution;

import java.util.List;
import org.evenlobe.core.solution.Mix;

/**
 * So much of an ingredient in a recipe.
 *
 * @param ingredient its id
 * @param amount mL of a liquid, g of a powder
 */
public record PouredPart(String ingredient, double amount) {

  /** What is in a mix. */
  public static List<PouredPart> of(Mix mix) {
    return mix.parts().stream()
        .map(part -> new PouredPart(part.ingredient().id(), part.amount()))
        .toList();
  }
}
