package org.evenlobe.server.exposure;

import java.util.UUID;
import org.evenlobe.server.record.DogFactRepository;
import org.springframework.data.jpa.repository.Query;

/** What is expected to happen to the ears of a household's dogs. */
public interface ExpectedExposures extends DogFactRepository<StoredExpectedExposure> {

  /** Whether that is expected of that dog. */
  @Query(
      "select count(*) > 0 from StoredExpectedExposure"
          + " where key.householdId = :household and key.id = :id and dogId = :dog")
  boolean isOf(UUID household, UUID id, UUID dog);
}
