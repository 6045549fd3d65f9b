package org.evenlobe.server.exposure;

import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What is expected to happen to the ears of a household's dogs. */
interface ExpectedExposures extends Repository<StoredExpectedExposure, FactKey> {

  /** Whether that is expected of that dog. */
  @Query(
      "select count(*) > 0 from StoredExpectedExposure"
          + " where key.householdId = :household and key.id = :id and dogId = :dog")
  boolean isOf(UUID household, UUID id, UUID dog);
}
