package org.evenlobe.server.record;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.Dated;

/** A noun that keeps one kind of a dog's facts and hands them over with one statement. */
public interface FactSource {

  /**
   * A fact of a dog.
   *
   * @param dogId whose
   * @param fact as the core knows it
   */
  record DogFact(UUID dogId, Dated fact) {}

  /**
   * The facts of a household that have not been deleted.
   *
   * @param dog of this dog only, where one is named
   */
  List<DogFact> facts(UUID household, Optional<UUID> dog);
}
