package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * That an ear reacted to something. It is not used again, nor is what is like it.
 *
 * @param id its id
 * @param moment when
 * @param ear which ear; empty for both, or where that is not known
 * @param kind how
 * @param supply the bottle or pack, where it was one of the household's
 * @param ingredient what on the shelf, where it was not
 */
public record Reaction(
    UUID id,
    Moment moment,
    Optional<Side> ear,
    ReactionKind kind,
    Optional<UUID> supply,
    Optional<String> ingredient)
    implements ReadFact {

  public Reaction {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(ear, "ear");
    Objects.requireNonNull(kind, "kind");
    if (supply.isPresent() == ingredient.isPresent()) {
      throw new IllegalArgumentException("to a bottle, or to an ingredient");
    }
  }
}
