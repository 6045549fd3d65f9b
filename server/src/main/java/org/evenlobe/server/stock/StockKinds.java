package org.evenlobe.server.stock;

import java.util.Optional;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of bottles and packs in the house, and of how ears took what is in them. */
@Configuration
class StockKinds {

  @Bean
  FactKind<SupplyRequest, StoredSupply> supplyKind(HouseholdDay day, Ingredients shelf) {
    return new FactKind<>(
        "supplies",
        SupplyRequest.class,
        StoredSupply.class,
        StoredSupply::new,
        true,
        Role.CARER,
        said -> Optional.empty(),
        (id, said) -> {
          said.errors(day.latest(), day.today()).throwIfAny();
          if (said.batch() != null) {
            said.batch().toCore(shelf);
          }
        });
  }

  @Bean
  FactKind<ReactionRequest, StoredReaction> reactionKind(
      DogFactRules rules, Supplies supplies, Ingredients shelf) {
    return rules.kind(
        "reactions",
        ReactionRequest.class,
        StoredReaction.class,
        StoredReaction::new,
        (id, said, errors) ->
            errors
                .require(
                    (said.supply() == null) != (said.ingredient() == null),
                    "supply",
                    "must name a bottle or an ingredient")
                .require(
                    said.ingredient() == null
                        || (!said.ingredient().equals(Ingredients.WATER)
                            && shelf.find(said.ingredient()).isPresent()),
                    "ingredient",
                    "is not on the shelf"),
        (id, said, errors) ->
            errors.require(
                said.supply() == null
                    || supplies.wasThere(CurrentMember.household(), said.supply()),
                "supply",
                "is not a bottle or pack of this household"));
  }
}
