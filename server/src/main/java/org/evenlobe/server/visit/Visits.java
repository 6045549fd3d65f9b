package org.evenlobe.server.visit;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The visits of a household. */
interface Visits extends Repository<Visit, FactKey> {

  /** Those of a dog, the latest first. */
  @Query(
      "from Visit where key.householdId = :household and dogId = :dog and not gone"
          + " order by doneAt desc, key.id desc")
  List<Visit> of(UUID household, UUID dog);
}
