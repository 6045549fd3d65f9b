package org.evenlobe.server.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Moment;
import org.jspecify.annotations.Nullable;

/** One fact of a dog as it was read: its kind, dog, id and moment, then the columns of its kind. */
public final class FactRow {
  /** What stands before the columns of a kind. */
  static final String HEAD = "fact.dogId, fact.key.id, fact.doneAt, fact.zone, fact.day";

  private static final int OWN = 6;

  private final Object[] values;

  FactRow(Object[] values) {
    this.values = values;
  }

  /** Which of the kinds that are read together it is of. */
  int kind() {
    return (Integer) values[0];
  }

  UUID dog() {
    return (UUID) values[1];
  }

  /** Its id. */
  public UUID id() {
    return (UUID) values[2];
  }

  /** When it happened, or was said. */
  public Moment moment() {
    return new Moment((Instant) values[3], ZoneId.of((String) values[4]), (LocalDate) values[5]);
  }

  /** A column of its kind, as what it is. */
  public <T> T get(int column, Class<T> type) {
    return type.cast(values[OWN + column]);
  }

  /** The same, where it may be empty. */
  public <T> @Nullable T orNull(int column, Class<T> type) {
    Object value = values[OWN + column];
    return value == null ? null : type.cast(value);
  }

  /** A column of its kind that was read as text. */
  public String text(int column) {
    return get(column, String.class);
  }

  /** A yes or no that was read as text. */
  public boolean isTrue(int column) {
    return text(column).startsWith("t");
  }

  /** A day that was read as text. */
  public LocalDate day(int column) {
    return LocalDate.parse(text(column));
  }

  /** An id that was read as text. */
  public UUID id(int column) {
    return UUID.fromString(text(column));
  }
}
