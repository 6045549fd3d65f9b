package org.evenlobe.server.record;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.fact.FactKey;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.NoRepositoryBean;
import org.springframework.data.repository.Repository;

/**
 * The facts of one kind of a household's dogs.
 *
 * @param <F> the kind
 */
@NoRepositoryBean
public interface DogFactRepository<F extends StoredDogFact<?>>
    extends Repository<F, FactKey>, FactSource {

  /** Those that have not been deleted, of one dog where one is named. */
  @Query(
      "from #{#entityName} where key.householdId = :household and not gone"
          + " and dogId = coalesce(:dog, dogId)")
  List<F> of(UUID household, @Nullable UUID dog);

  @Override
  default List<DogFact> facts(UUID household, Optional<UUID> dog) {
    return of(household, dog.orElse(null)).stream()
        .map(fact -> new DogFact(fact.dogId(), fact.toCore()))
        .toList();
  }
}
