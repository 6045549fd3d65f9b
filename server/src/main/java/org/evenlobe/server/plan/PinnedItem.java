package org.evenlobe.server.plan;

import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.Pin;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** A planned item that a person puts on a day. */
@Entity
class PinnedItem extends StoredDogFact<PinRequest> {
  private String item;
  private LocalDate pinnedOn;
  private @Nullable String reason;

  @Override
  protected void say(PinRequest said) {
    super.say(said);
    item = said.item();
    pinnedOn = said.on();
    String why = said.reason();
    reason = why == null || why.isBlank() ? null : why.strip();
  }

  @Override
  protected Pin toCore() {
    return new Pin(id(), moment(), item, pinnedOn, Optional.ofNullable(reason));
  }
}
