package org.evenlobe.server.cleaning;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The cleanings of a household. */
public interface Cleanings extends Repository<Cleaning, FactKey> {

  /** Those that have not been deleted. */
  @Query("from Cleaning where key.householdId = :household and not gone")
  List<Cleaning> ofHousehold(UUID household);

  /** Those of one dog that have not been deleted. */
  @Query("from Cleaning where key.householdId = :household and dogId = :dog and not gone")
  List<Cleaning> ofDog(UUID household, UUID dog);
}
