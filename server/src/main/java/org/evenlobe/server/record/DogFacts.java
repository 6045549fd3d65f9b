package org.evenlobe.server.record;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.evenlobe.core.record.Dated;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads the facts of dogs: those of few columns by one statement, of each other kind by one more.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY, readOnly = true)
class DogFacts {
  private final EntityManager entities;
  private final List<DogFactReading<?>> kinds;
  private final Map<String, List<DogFactReading<?>>> statements = new HashMap<>();

  DogFacts(EntityManager entities, List<DogFactReading<?>> kinds) {
    this.entities = entities;
    this.kinds = List.copyOf(kinds);
    List<DogFactReading<?>> together = kinds.stream().filter(kind -> !kind.isApart()).toList();
    int columns = together.stream().mapToInt(kind -> kind.columns().size()).max().orElse(0);
    statements.put(
        together.stream()
            .map(kind -> select(kind, together.indexOf(kind), texts(kind, columns)))
            .collect(Collectors.joining(" union all ")),
        together);
    kinds.stream()
        .filter(DogFactReading::isApart)
        .forEach(kind -> statements.put(select(kind, 0, kind.columns()), List.of(kind)));
  }

  /** All that are there of those dogs, by dog; a dog without facts is left out. */
  Map<UUID, List<Dated>> of(UUID household, Collection<UUID> dogs) {
    Map<UUID, List<Dated>> byDog = new HashMap<>();
    if (!dogs.isEmpty()) {
      statements.forEach(
          (statement, read) -> {
            for (Object[] values : rows(statement, household, dogs)) {
              FactRow row = new FactRow(values);
              byDog
                  .computeIfAbsent(row.dog(), dog -> new ArrayList<>())
                  .add(read.get(row.kind()).read().apply(row));
            }
          });
    }
    return byDog;
  }

  /** The kinds of facts that are read. */
  List<DogFactReading<?>> kinds() {
    return kinds;
  }

  private List<Object[]> rows(String statement, UUID household, Collection<UUID> dogs) {
    return entities
        .createQuery(statement, Object[].class)
        .setParameter("household", household)
        .setParameter("dogs", dogs)
        .getResultList();
  }

  private static String select(DogFactReading<?> kind, int number, List<String> columns) {
    return "select "
        + Stream.concat(Stream.of(Integer.toString(number), FactRow.HEAD), columns.stream())
            .collect(Collectors.joining(", "))
        + " from "
        + kind.stored().getSimpleName()
        + " fact where fact.key.householdId = :household and not fact.gone"
        + " and fact.dogId in (:dogs)";
  }

  /** Its columns as text, and as many empty ones as another kind has more. */
  private static List<String> texts(DogFactReading<?> kind, int columns) {
    return IntStream.range(0, columns)
        .mapToObj(
            at ->
                at < kind.columns().size()
                    ? "cast(" + kind.columns().get(at) + " as string)"
                    : "cast(null as string)")
        .toList();
  }
}
