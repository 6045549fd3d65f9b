package org.evenlobe.server.trend;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.record.TriggerSaid;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** What a person said of something that trouble seems to follow. */
@Entity
@Table(name = "trigger_said")
class StoredTriggerSaid extends StoredDogFact<TriggerSaidRequest> {
  @Enumerated(EnumType.STRING)
  private Trigger trigger;

  private boolean follows;
  private @Nullable String note;

  @Override
  protected void say(TriggerSaidRequest said) {
    super.say(said);
    trigger = said.trigger();
    follows = said.follows();
    note = said.note();
  }

  @Override
  protected TriggerSaid toCore() {
    return new TriggerSaid(id(), moment(), trigger, follows, Optional.ofNullable(note));
  }
}
