package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.UUID;

/**
 * Wet ears that were dried.
 *
 * @param id its id
 * @param at when
 * @param zone the zone it was recorded in, so that its local day never moves
 */
public record Drying(UUID id, Instant at, ZoneId zone) implements Dated {

  public Drying {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
