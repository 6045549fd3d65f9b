package org.evenlobe.server.plan;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Skip;
import org.evenlobe.server.fact.StoredFact;

/** A planned item that a person skips. */
@Entity
public class SkippedItem extends StoredFact<SkipRequest> {
  private UUID dogId;
  private Instant doneAt;
  private String zone;
  private String item;
  private String reason;

  @Override
  protected void say(SkipRequest said) {
    dogId = said.dogId();
    doneAt = said.at();
    zone = said.zone().getId();
    item = said.item();
    reason = said.reason().strip();
  }

  /** Whose. */
  public UUID dogId() {
    return dogId;
  }

  /** The fact as the core knows it. */
  public Skip toCore() {
    return new Skip(id(), doneAt, ZoneId.of(zone), item, reason);
  }
}
