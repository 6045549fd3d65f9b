package org.evenlobe.server.record;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Moment;
import org.evenlobe.server.fact.FactKey;
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

  @Override
  protected List<UUID> dogs() {
    return List.of(dogId);
  }

  /** When it happened, or was said. */
  protected Moment moment() {
    return new Moment(doneAt, ZoneId.of(zone), day);
  }

  /** The same as the core knows it. */
  protected abstract Dated toCore();

  void found(FactKey key, UUID dog, Moment moment) {
    begin(key);
    dogId = dog;
    happened(moment);
  }

  private void happened(Moment moment) {
    doneAt = moment.at();
    zone = moment.zone().getId();
    day = moment.day();
  }

  @Override
  protected void say(B said) {
    dogId = said.dogId();
    happened(said.moment());
  }
}
