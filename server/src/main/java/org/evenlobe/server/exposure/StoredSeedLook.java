package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.evenlobe.core.record.SeedLook;
import org.evenlobe.server.record.StoredDogFact;

/** A look for seeds that found none. */
@Entity
@Table(name = "seed_look")
class StoredSeedLook extends StoredDogFact<SeedLookRequest> {

  @Override
  protected SeedLook toCore() {
    return new SeedLook(id(), moment());
  }
}
