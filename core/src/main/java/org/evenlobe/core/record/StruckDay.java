package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.UUID;

/**
 * A day on which what was expected did not happen, or will not.
 *
 * @param id its id
 * @param at when it was said
 * @param zone the zone it was recorded in
 * @param expected the id of what was expected
 * @param on the day that is struck out
 */
public record StruckDay(UUID id, Instant at, ZoneId zone, UUID expected, LocalDate on)
    implements Dated {

  public StruckDay {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(expected, "expected");
    Objects.requireNonNull(on, "on");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
