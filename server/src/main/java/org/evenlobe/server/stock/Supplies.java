package org.evenlobe.server.stock;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The bottles and packs of a household. */
public interface Supplies extends Repository<StoredSupply, FactKey> {

  /** Those that are or were there, by name. */
  @Query("from StoredSupply where key.householdId = :household order by name, key.id")
  List<StoredSupply> everOf(UUID household);

  /** Whether it is or was in the household. */
  @Query(
      "select count(*) > 0 from StoredSupply where key.householdId = :household and key.id = :id")
  boolean wasThere(UUID household, UUID id);

  /** Whether it is or was a supply of one of those kinds in the household. */
  @Query(
      "select count(*) > 0 from StoredSupply"
          + " where key.householdId = :household and key.id = :id and kind in :kinds")
  boolean wasThere(UUID household, UUID id, Collection<Supply.Kind> kinds);
}
