package org.evenlobe.server.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Moment;
import org.evenlobe.server.fact.FactKey;

/**
 * How the facts of one kind are read: each field of the class that stores them by its own name, and
 * then by {@link StoredDogFact#toCore}. Nothing is declared for it: a field that is there is read.
 */
final class DogFactReading {
  private static final String HEAD = "fact.dogId, fact.key.id, fact.doneAt, fact.zone, fact.day";
  private static final int HEADS = 6;

  private final Class<? extends StoredDogFact<?>> stored;
  private final StoredFields fields;
  private final boolean isApart;

  /** Reads what such a class stores. */
  DogFactReading(Class<? extends StoredDogFact<?>> stored) {
    this.stored = stored;
    this.isApart = !StoredFields.canBeTexts(stored);
    this.fields = isApart ? StoredFields.of(stored) : StoredFields.ofTexts(stored);
  }

  /**
   * Which dog, and which of the kinds that are read together, a row is of.
   *
   * @param kind its number in the statement
   */
  record Of(int kind, UUID dog) {}

  static Of of(Object[] row) {
    return new Of((Integer) row[0], (UUID) row[1]);
  }

  /**
   * Whether it is read by a statement of its own, each field as what it is; the others are read
   * together, each field as text.
   */
  boolean isApart() {
    return isApart;
  }

  /** How many values it has. */
  int size() {
    return fields.size();
  }

  /**
   * What reads them all of one household's dogs.
   *
   * @param kind the number that each row begins with
   * @param width the size of the widest that is read together with it
   */
  String select(int kind, int width) {
    return "select "
        + Stream.concat(
                Stream.of(Integer.toString(kind), HEAD),
                isApart ? fields.names("fact") : texts(width))
            .collect(Collectors.joining(", "))
        + " from "
        + stored.getSimpleName()
        + " fact where fact.key.householdId = :household and not fact.gone"
        + " and fact.dogId in (:dogs)";
  }

  private Stream<String> texts(int width) {
    return Stream.concat(fields.names("fact"), IntStream.range(size(), width).mapToObj(n -> "null"))
        .map("cast(%s as string)"::formatted);
  }

  /** The core's record, from a row that {@link #select} found. */
  Dated read(UUID household, Object[] row) {
    StoredDogFact<?> fact = (StoredDogFact<?>) fields.make();
    fact.found(
        new FactKey(household, (UUID) row[2]),
        (UUID) row[1],
        new Moment((Instant) row[3], ZoneId.of((String) row[4]), (LocalDate) row[5]));
    fields.set(fact, row, HEADS);
    return fact.toCore();
  }
}
