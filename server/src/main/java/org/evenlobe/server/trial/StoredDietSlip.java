package org.evenlobe.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.DietSlip;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** A slip in a diet trial, and who said so first. */
@Entity
@Table(name = "diet_slip")
class StoredDietSlip extends StoredDogFact<DietSlipRequest> {
  private UUID trialId;
  private @Nullable String what;
  private @Nullable UUID personId;

  @Override
  protected void say(DietSlipRequest said) {
    super.say(said);
    trialId = said.trialId();
    what = said.what();
    if (personId == null) {
      personId = CurrentMember.get().person();
    }
  }

  @Override
  protected DietSlip toCore() {
    return new DietSlip(
        id(), moment(), trialId, Optional.ofNullable(what), Optional.ofNullable(personId));
  }
}
