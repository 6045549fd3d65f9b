package org.evenlobe.server.check;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.server.fact.StoredFact;

/** A person's word that the hold of an ear is over. */
@Entity
@Table(name = "hold_release")
public class StoredRelease extends StoredFact<HoldReleaseRequest> {
  private UUID dogId;
  private Instant doneAt;
  private String zone;

  @Enumerated(EnumType.STRING)
  private Side ear;

  @Override
  protected void say(HoldReleaseRequest said) {
    dogId = said.dogId();
    doneAt = said.at();
    zone = said.zone().getId();
    ear = said.ear();
  }

  /** Whose ear. */
  public UUID dogId() {
    return dogId;
  }

  /** The fact as the core knows it. */
  public HoldRelease toCore() {
    return new HoldRelease(id(), doneAt, ZoneId.of(zone), ear);
  }
}
