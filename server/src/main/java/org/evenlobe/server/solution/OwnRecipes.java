package org.evenlobe.server.solution;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The recipes of a household. */
interface OwnRecipes extends Repository<StoredRecipe, FactKey> {

  /** Those that are there, by name. */
  @Query("from StoredRecipe where key.householdId = :household and not gone order by name, key.id")
  List<StoredRecipe> ofHousehold(UUID household);
}
