package org.evenlobe.server.course;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The doses that were ticked. */
interface Givings extends Repository<StoredGiving, FactKey> {

  /** Those of a course that are there, as they stand at this instant. */
  @Query(
      "from StoredGiving where key.householdId = :household and courseId = :course and not gone"
          + " and given")
  List<StoredGiving> given(UUID household, UUID course);
}
