package org.evenlobe.server.check;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.server.record.StoredDogFact;

/** A person's word that the hold of an ear is over. */
@Entity
@Table(name = "hold_release")
class StoredRelease extends StoredDogFact<HoldReleaseRequest> {

  @Enumerated(EnumType.STRING)
  private Side ear;

  @Override
  protected void say(HoldReleaseRequest said) {
    super.say(said);
    ear = said.ear();
  }

  @Override
  protected HoldRelease toCore() {
    return new HoldRelease(id(), moment(), ear);
  }
}
