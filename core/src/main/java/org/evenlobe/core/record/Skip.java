package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.UUID;

/**
 * A planned item that a person skips, with the reason.
 *
 * @param id its id
 * @param at when it was said
 * @param zone the zone it was recorded in, so that its local day never moves
 * @param item the planned item's id
 * @param reason why, in the person's own words
 */
public record Skip(UUID id, Instant at, ZoneId zone, String item, String reason) implements Dated {

  public Skip {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(item, "item");
    Objects.requireNonNull(reason, "reason");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
