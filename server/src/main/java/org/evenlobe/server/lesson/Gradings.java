package org.evenlobe.server.lesson;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** How people graded made-up ears. */
interface Gradings extends Repository<StoredGrading, FactKey> {

  /** A person's, the latest first. */
  @Query(
      "from StoredGrading where key.householdId = :household and personId = :person and not gone"
          + " order by gradedAt desc, key.id")
  List<StoredGrading> latest(UUID household, UUID person, Limit limit);
}
