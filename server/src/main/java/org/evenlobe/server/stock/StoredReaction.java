package org.evenlobe.server.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.record.ReactionKind;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** That an ear reacted to something. */
@Entity
@Table(name = "reaction")
class StoredReaction extends StoredDogFact<ReactionRequest> {

  @Enumerated(EnumType.STRING)
  private @Nullable Side ear;

  @Enumerated(EnumType.STRING)
  private ReactionKind kind;

  private @Nullable UUID supplyId;
  private @Nullable String ingredient;

  @Override
  protected void say(ReactionRequest said) {
    super.say(said);
    ear = said.ear();
    kind = said.kind();
    supplyId = said.supply();
    ingredient = said.ingredient();
  }

  @Override
  protected Reaction toCore() {
    return new Reaction(
        id(),
        moment(),
        Optional.ofNullable(ear),
        kind,
        Optional.ofNullable(supplyId),
        Optional.ofNullable(ingredient));
  }
}
