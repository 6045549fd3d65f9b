package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;

/**
 * A cleaning that was done.
 *
 * @param id its id
 * @param at when
 * @param zone the zone it was recorded in, so that its local day never moves
 * @param ears what was done to each ear; empty for an ear that was left alone
 * @param note the person's own words, where there are any
 */
public record CleaningRecord(
    UUID id, Instant at, ZoneId zone, EarPair<Optional<EarCleaning>> ears, Optional<String> note)
    implements Dated {

  public CleaningRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(note, "note");
    if (ears.right().isEmpty() && ears.left().isEmpty()) {
      throw new IllegalArgumentException("a cleaning is of one ear at least");
    }
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
