package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.evenlobe.core.record.Drying;
import org.evenlobe.server.record.StoredDogFact;

/** Wet ears that were dried. */
@Entity
@Table(name = "drying")
class StoredDrying extends StoredDogFact<DryingRequest> {

  @Override
  protected Drying toCore() {
    return new Drying(id(), moment());
  }
}
