package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;

/**
 * A check: a look, a sniff and a gentle feel of both ears.
 *
 * @param id its id
 * @param at when
 * @param zone the zone it was recorded in, so that its local day never moves
 * @param ears what each ear showed
 * @param dog what the whole dog showed
 * @param note the person's own words, where there are any
 */
public record CheckRecord(
    UUID id, Instant at, ZoneId zone, EarPair<EarFinding> ears, DogSigns dog, Optional<String> note)
    implements Dated {

  public CheckRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(dog, "dog");
    Objects.requireNonNull(note, "note");
  }

  @Override
  public LocalDate day() {
    return at.atZone(zone).toLocalDate();
  }
}
