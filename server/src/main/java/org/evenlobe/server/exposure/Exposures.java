package org.evenlobe.server.exposure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.record.FactSource;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What happened to the ears of a household's dogs. */
public interface Exposures extends Repository<StoredExposure, FactKey>, FactSource {

  /** Those that have not been deleted, of one dog where one is named. */
  @Query(
      "from StoredExposure where key.householdId = :household and not gone"
          + " and dogId = coalesce(:dog, dogId)")
  List<StoredExposure> of(UUID household, @Nullable UUID dog);

  @Override
  default List<DogFact> facts(UUID household, Optional<UUID> dog) {
    return of(household, dog.orElse(null)).stream()
        .map(exposure -> new DogFact(exposure.dogId(), exposure.toCore()))
        .toList();
  }
}
