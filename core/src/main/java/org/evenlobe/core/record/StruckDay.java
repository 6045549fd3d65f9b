package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;

/**
 * A day on which what was expected did not happen, or will not.
 *
 * @param id its id
 * @param moment when it was said
 * @param expected the id of what was expected
 * @param on the day that is struck out
 */
public record StruckDay(UUID id, Moment moment, UUID expected, LocalDate on) implements ReadFact {

  public StruckDay {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(expected, "expected");
    Objects.requireNonNull(on, "on");
  }
}
