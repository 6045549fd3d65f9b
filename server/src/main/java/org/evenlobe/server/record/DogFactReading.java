package org.evenlobe.server.record;

import java.util.List;
import java.util.function.Function;
import org.evenlobe.core.record.Dated;

/**
 * How the facts of one kind are read: straight from their columns into the core's record. A noun
 * adds its own by a bean of this type.
 *
 * @param stored where they are kept
 * @param columns what is read of each beside its dog, id and moment, as the query language names it
 * @param isApart whether that is read by a statement of its own, each column as what it is; the
 *     others are read together, each column as text
 * @param read makes the core's record
 */
public record DogFactReading<C extends Dated>(
    Class<? extends StoredDogFact<?>> stored,
    List<String> columns,
    boolean isApart,
    Function<FactRow, C> read) {

  /** Few columns: it is read together with others. */
  public static <C extends Dated> DogFactReading<C> together(
      Class<? extends StoredDogFact<?>> stored, Function<FactRow, C> read, String... columns) {
    return new DogFactReading<>(stored, List.of(columns), false, read);
  }

  /** Many columns: it is read by a statement of its own. */
  public static <C extends Dated> DogFactReading<C> apart(
      Class<? extends StoredDogFact<?>> stored, Function<FactRow, C> read, String... columns) {
    return new DogFactReading<>(stored, List.of(columns), true, read);
  }
}
