package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.UUID;

/**
 * A short practice with which a dog learns to have its ears handled.
 *
 * @param id its id
 * @param at when
 * @param zone the zone it was recorded in, so that its local day never moves
 * @param rung what was practised
 * @param handled how the dog took it
 */
public record Practice(UUID id, Instant at, ZoneId zone, Rung rung, Handled handled)
    implements Dated {

  public Practice {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(rung, "rung");
    Objects.requireNonNull(handled, "handled");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
