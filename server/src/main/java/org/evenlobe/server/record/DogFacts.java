package org.evenlobe.server.record;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.record.Dated;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Reads the facts of dogs, one statement for each kind of them. */
@Component
@Transactional(propagation = Propagation.MANDATORY, readOnly = true)
public class DogFacts {
  private final EntityManager entities;
  private final List<Class<? extends StoredDogFact<?>>> kinds;

  DogFacts(EntityManager entities) {
    this.entities = entities;
    this.kinds =
        entities.getMetamodel().getEntities().stream()
            .map(EntityType::getJavaType)
            .flatMap(DogFacts::ofDogs)
            .toList();
  }

  /**
   * A fact of a dog.
   *
   * @param dog whose
   * @param fact as the core knows it
   */
  public record DogFact(UUID dog, Dated fact) {}

  /** All that are there, of one dog where one is named. */
  List<DogFact> of(UUID household, Optional<UUID> dog) {
    return kinds.stream().flatMap(kind -> of(kind, household, dog).stream()).toList();
  }

  private List<DogFact> of(
      Class<? extends StoredDogFact<?>> kind, UUID household, Optional<UUID> dog) {
    return entities
        .createQuery(
            "from "
                + kind.getSimpleName()
                + " where key.householdId = :household and not gone"
                + " and dogId = coalesce(:dog, dogId)",
            kind)
        .setParameter("household", household)
        .setParameter("dog", dog.orElse(null))
        .getResultList()
        .stream()
        .map(fact -> new DogFact(fact.dogId(), fact.toCore()))
        .toList();
  }

  @SuppressWarnings("unchecked")
  private static Stream<Class<? extends StoredDogFact<?>>> ofDogs(Class<?> entity) {
    return StoredDogFact.class.isAssignableFrom(entity)
        ? Stream.of((Class<? extends StoredDogFact<?>>) entity)
        : Stream.empty();
  }
}
