package org.evenlobe.server.plan;

import jakarta.persistence.Entity;
import org.evenlobe.core.record.Skip;
import org.evenlobe.server.record.StoredDogFact;

/** A planned item that a person skips. */
@Entity
class SkippedItem extends StoredDogFact<SkipRequest> {
  private String item;
  private String reason;

  @Override
  protected void say(SkipRequest said) {
    super.say(said);
    item = said.item();
    reason = said.reason().strip();
  }

  @Override
  protected Skip toCore() {
    return new Skip(id(), moment(), item, reason);
  }
}
