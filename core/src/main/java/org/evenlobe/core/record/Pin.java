package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * A planned item that a person puts on a day.
 *
 * @param id its id
 * @param at when it was said
 * @param zone the zone it was recorded in
 * @param item the planned item's id
 * @param on the day
 * @param reason why, where the day lies outside the item's window
 */
public record Pin(
    UUID id, Instant at, ZoneId zone, String item, LocalDate on, Optional<String> reason)
    implements Dated {

  public Pin {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(item, "item");
    Objects.requireNonNull(on, "on");
    Objects.requireNonNull(reason, "reason");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
