package org.evenlobe.server.record;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Dated;
import org.evenlobe.server.fact.StoredFact;

/**
 * A fact of a dog as it stands now.
 *
 * @param <B> the body that a client sends
 */
@MappedSuperclass
public abstract class StoredDogFact<B extends DogFactRequest> extends StoredFact<B> {
  private UUID dogId;
  private Instant doneAt;
  private String zone;

  /** Whose. */
  public UUID dogId() {
    return dogId;
  }

  /** When it happened. */
  protected Instant doneAt() {
    return doneAt;
  }

  /** The zone it was recorded in. */
  protected ZoneId zone() {
    return ZoneId.of(zone);
  }

  @Override
  protected void say(B said) {
    dogId = said.dogId();
    doneAt = said.at();
    zone = said.zone().getId();
  }

  /** The fact as the core knows it. */
  public abstract Dated toCore();
}
