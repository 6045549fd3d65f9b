package org.evenlobe.server.plan;

import jakarta.persistence.Entity;
import org.evenlobe.server.record.StoredDogFact;

/** A planned item that a person skips. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
class SkippedItem extends StoredDogFact<SkipRequest> {
  private String item;
  private String reason;

  @Override
  protected void say(SkipRequest said) {
    super.say(said);
    item = said.item();
    reason = said.reason().strip();
  }
}
