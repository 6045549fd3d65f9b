package org.evenlobe.server.record;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.Type;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.record.Dated;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads the facts of dogs, of every class that stores some: the plain ones by one statement, of
 * each other by one more.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY, readOnly = true)
class DogFacts {
  private final EntityManager entities;
  private final Map<String, List<DogFactReading>> statements = new HashMap<>();

  DogFacts(EntityManager entities) {
    this.entities = entities;
    List<DogFactReading> all = readings(entities);
    List<DogFactReading> together = all.stream().filter(one -> !one.isApart()).toList();
    int width = together.stream().mapToInt(DogFactReading::size).max().orElse(0);
    statements.put(
        together.stream()
            .map(one -> one.select(together.indexOf(one), width))
            .collect(Collectors.joining(" union all ")),
        together);
    all.stream()
        .filter(DogFactReading::isApart)
        .forEach(one -> statements.put(one.select(0, width), List.of(one)));
  }

  @SuppressWarnings("unchecked")
  private static List<DogFactReading> readings(EntityManager entities) {
    return entities.getMetamodel().getEntities().stream()
        .<Class<?>>map(Type::getJavaType)
        .filter(StoredDogFact.class::isAssignableFrom)
        .sorted(Comparator.comparing(Class::getName))
        .map(stored -> new DogFactReading((Class<? extends StoredDogFact<?>>) stored))
        .toList();
  }

  /** All that are there of those dogs, by dog; a dog without facts is left out. */
  Map<UUID, List<Dated>> of(UUID household, Collection<UUID> dogs) {
    Map<UUID, List<Dated>> byDog = new HashMap<>();
    if (!dogs.isEmpty()) {
      statements.forEach(
          (statement, readings) -> {
            for (Object[] row : rows(statement, household, dogs)) {
              DogFactReading.Of of = DogFactReading.of(row);
              byDog
                  .computeIfAbsent(of.dog(), dog -> new ArrayList<>())
                  .add(readings.get(of.kind()).read(household, row));
            }
          });
    }
    return byDog;
  }

  private List<Object[]> rows(String statement, UUID household, Collection<UUID> dogs) {
    return entities
        .createQuery(statement, Object[].class)
        .setParameter("household", household)
        .setParameter("dogs", dogs)
        .getResultList();
  }
}
