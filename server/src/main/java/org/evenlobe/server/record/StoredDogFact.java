package org.evenlobe.server.record;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Moment;
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
  private LocalDate day;

  /** Whose. */
  public UUID dogId() {
    return dogId;
  }

  /** When it happened, or was said. */
  protected Moment moment() {
    return new Moment(doneAt, ZoneId.of(zone), day);
  }

  @Override
  protected void say(B said) {
    dogId = said.dogId();
    Moment moment = said.moment();
    doneAt = moment.at();
    zone = moment.zone().getId();
    day = moment.day();
  }

  /** The fact as the core knows it. */
  public abstract Dated toCore();
}
