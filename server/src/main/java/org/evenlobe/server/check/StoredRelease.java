package org.evenlobe.server.check;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.evenlobe.core.measure.Side;
import org.evenlobe.server.record.StoredDogFact;

/** A person's word that the hold of an ear is over. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "hold_release")
class StoredRelease extends StoredDogFact<HoldReleaseRequest> {

  @Enumerated(EnumType.STRING)
  private Side ear;

  @Override
  protected void say(HoldReleaseRequest said) {
    super.say(said);
    ear = said.ear();
  }
}
