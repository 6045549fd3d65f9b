package org.evenlobe.server.dog;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The dogs of a household. */
public interface Dogs extends Repository<Dog, FactKey> {

  /** Those that live there now, by name. */
  @Query(
      "from Dog where key.householdId = :household and not gone and leftOn is null"
          + " order by name, key.id")
  List<Dog> ofHousehold(UUID household);

  /** Those that have left, the latest first. */
  @Query(
      "from Dog where key.householdId = :household and not gone and leftOn is not null"
          + " order by leftOn desc, name, key.id")
  List<Dog> archived(UUID household);

  /** Those that left on a day or later. */
  @Query(
      "from Dog where key.householdId = :household and not gone and leftOn >= :day"
          + " order by name, key.id")
  List<Dog> leftSince(UUID household, LocalDate day);

  /** One, deleted or not; asked once a transaction, however often it is looked for. */
  Optional<Dog> findById(FactKey key);

  /** One that has not been deleted. */
  @Query("from Dog where key.householdId = :household and key.id = :id and not gone")
  Optional<Dog> one(UUID household, UUID id);
}
