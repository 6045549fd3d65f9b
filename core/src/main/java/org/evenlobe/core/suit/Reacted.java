package org.evenlobe.core.suit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Mix;

/**
 * What a dog has reacted to, and all that is like it: another bottle of the same name, another mix
 * of the same ingredients, anything with the same active in it. For example after vinegar has
 * stung, nothing with acetic acid.
 *
 * @param once each time
 */
public record Reacted(List<Once> once) {
  /** To nothing. */
  public static final Reacted NOTHING = new Reacted(List.of());

  /**
   * One reaction.
   *
   * @param reaction the fact
   * @param supply the bottle or pack, where it was one
   * @param actives what acts in the ingredient, where it was one
   */
  record Once(Reaction reaction, Optional<Supply> supply, Set<Active> actives) {}

  public Reacted {
    once = List.copyOf(once);
  }

  /**
   * What a dog has reacted to.
   *
   * @param supplies all that are or were in the house
   */
  public static Reacted of(DogRecord dog, Map<UUID, Supply> supplies, Ingredients shelf) {
    List<Once> once = new ArrayList<>();
    for (Reaction reaction : dog.all(Reaction.class)) {
      once.add(
          new Once(
              reaction,
              reaction.supply().map(supplies::get),
              reaction
                  .ingredient()
                  .flatMap(shelf::find)
                  .map(Ingredient::strengths)
                  .map(Map::keySet)
                  .orElse(Set.of())));
    }
    return new Reacted(once);
  }

  /** The latest reaction to that, or to what is like it. */
  Optional<Reaction> to(Offer offer) {
    return once.stream()
        .filter(one -> isLike(one, offer))
        .map(Once::reaction)
        .reduce((earlier, later) -> later);
  }

  /** Whether there was one to that since. */
  boolean toSince(Offer offer, Instant since) {
    return to(offer).filter(reaction -> reaction.at().isAfter(since)).isPresent();
  }

  private static boolean isLike(Once one, Offer offer) {
    Optional<String> ingredient = one.reaction().ingredient();
    if (ingredient.isPresent()) {
      return ingredients(offer.contents().mix()).contains(ingredient.get())
          || one.actives().stream().anyMatch(offer.contents()::has);
    }
    return one.supply().filter(supply -> isLike(supply, offer)).isPresent();
  }

  private static boolean isLike(Supply reactedTo, Offer offer) {
    boolean same = offer.supply().filter(one -> one.isAnother(reactedTo)).isPresent();
    return same
        || (offer.isHomeMixed()
            && reactedTo
                .batch()
                .filter(
                    batch -> ingredients(batch.mix()).equals(ingredients(offer.contents().mix())))
                .isPresent());
  }

  /** What is in a mix besides water. */
  private static Set<String> ingredients(Mix mix) {
    return mix.parts().stream()
        .filter(part -> part.amount() > 0)
        .map(part -> part.ingredient().id())
        .filter(id -> !id.equals(Ingredients.WATER))
        .collect(Collectors.toUnmodifiableSet());
  }
}
