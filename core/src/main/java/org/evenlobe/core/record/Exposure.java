package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;

/**
 * Something that happened to a dog's ears on a day, or on each of a few days running.
 *
 * @param id its id
 * @param moment when it was recorded
 * @param kind what it was
 * @param firstDay its first local day
 * @param lastDay its last one
 */
public record Exposure(
    UUID id, Moment moment, ExposureKind kind, LocalDate firstDay, LocalDate lastDay)
    implements FoldedFact {
  /** The longest range that one record may span. */
  public static final int MOST_DAYS = 31;

  public Exposure {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(kind, "kind");
    if (lastDay.isBefore(firstDay)) {
      throw new IllegalArgumentException(firstDay + " to " + lastDay);
    }
  }

  /** Its first day. */
  @Override
  public LocalDate day() {
    return firstDay;
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
