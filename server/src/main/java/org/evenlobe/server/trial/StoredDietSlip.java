package org.evenlobe.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.DietSlip;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** A slip in a diet trial, and who said so first. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
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

  static DietSlip toCore(FactRow row) {
    return new DietSlip(
        row.id(),
        row.moment(),
        row.id(0),
        Optional.ofNullable(row.orNull(1, String.class)),
        Optional.ofNullable(row.orNull(2, String.class)).map(UUID::fromString));
  }
}
