package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * A person's confirmation that an ear held after a check may be cleaned again.
 *
 * @param id its id
 * @param at when
 * @param zone the zone it was recorded in, so that its local day never moves
 * @param ear which ear
 */
public record HoldRelease(UUID id, Instant at, ZoneId zone, Side ear) implements Dated {

  public HoldRelease {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(ear, "ear");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
