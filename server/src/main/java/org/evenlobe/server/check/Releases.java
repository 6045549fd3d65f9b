package org.evenlobe.server.check;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.record.FactSource;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The confirmed holds of a household. */
public interface Releases extends Repository<StoredRelease, FactKey>, FactSource {

  /** Those that have not been deleted, of one dog where one is named. */
  @Query(
      "from StoredRelease where key.householdId = :household and not gone"
          + " and dogId = coalesce(:dog, dogId)")
  List<StoredRelease> of(UUID household, @Nullable UUID dog);

  @Override
  default List<DogFact> facts(UUID household, Optional<UUID> dog) {
    return of(household, dog.orElse(null)).stream()
        .map(release -> new DogFact(release.dogId(), release.toCore()))
        .toList();
  }
}
