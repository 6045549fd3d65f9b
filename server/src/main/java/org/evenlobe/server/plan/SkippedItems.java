package org.evenlobe.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.record.FactSource;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The planned items that were skipped. */
public interface SkippedItems extends Repository<SkippedItem, FactKey>, FactSource {

  /** Those that have not been deleted, of one dog where one is named. */
  @Query(
      "from SkippedItem where key.householdId = :household and not gone"
          + " and dogId = coalesce(:dog, dogId)")
  List<SkippedItem> of(UUID household, @Nullable UUID dog);

  @Override
  default List<DogFact> facts(UUID household, Optional<UUID> dog) {
    return of(household, dog.orElse(null)).stream()
        .map(skip -> new DogFact(skip.dogId(), skip.toCore()))
        .toList();
  }
}
