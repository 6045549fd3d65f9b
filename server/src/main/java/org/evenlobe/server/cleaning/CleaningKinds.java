package org.evenlobe.server.cleaning;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.cleaning.CleaningRequest.EarCleaningRequest;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.evenlobe.server.stock.Supplies;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of cleanings and of practices on the trust ladder. */
@Configuration
class CleaningKinds {

  @Bean
  FactKind<CleaningRequest, Cleaning> cleaningKind(DogFactRules rules, Supplies supplies) {
    return rules.kind(
        "cleanings",
        CleaningRequest.class,
        Cleaning.class,
        Cleaning::new,
        (id, said, errors) ->
            errors.require(
                said.ears().right() != null || said.ears().left() != null,
                "ears",
                "must name one ear at least"),
        (id, said, errors) -> {
          EarCleaningRequest right = said.ears().right();
          EarCleaningRequest left = said.ears().left();
          Bottles bottles = new Bottles(supplies, errors);
          bottles.require("cleaner", said.cleaner(), right, left);
          bottles.require("ears.right.cleaner", right == null ? null : right.cleaner(), right);
          bottles.require("ears.left.cleaner", left == null ? null : left.cleaner(), left);
        });
  }

  /**
   * Whether each bottle that is named is one of the household's, for the ears that it went into.
   */
  private record Bottles(Supplies supplies, InvalidFields.Collector errors) {

    void require(String field, @Nullable UUID bottle, @Nullable EarCleaningRequest... ears) {
      // ready wipes alone can do it only where nothing is poured
      boolean pours = Stream.of(ears).anyMatch(ear -> ear != null && ear.method().inCanal());
      List<Supply.Kind> kinds =
          pours ? List.of(Supply.Kind.CLEANER) : List.of(Supply.Kind.values());
      errors.require(
          bottle == null || supplies.wasThere(CurrentMember.household(), bottle, kinds),
          field,
          "is not a bottle of this household");
    }
  }

  @Bean
  FactKind<PracticeRequest, StoredPractice> practiceKind(DogFactRules rules) {
    return rules.kind(
        "practices", PracticeRequest.class, StoredPractice.class, StoredPractice::new);
  }

  @Bean
  FactKind<HairDoneRequest, StoredHairDone> hairKind(DogFactRules rules) {
    return rules.kind("hair", HairDoneRequest.class, StoredHairDone.class, StoredHairDone::new);
  }
}
