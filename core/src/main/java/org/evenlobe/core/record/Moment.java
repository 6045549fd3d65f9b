package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;

/**
 * When something happened or was said: an instant, and the local day that it was there.
 *
 * <p>The day is part of what was recorded. It is made once, where a fact is taken, and never moves
 * again, whatever becomes of the zone's rules or of the household's zone. For example 2026-03-28
 * 23:30 UTC said in Europe/Berlin is of 2026-03-29, for good.
 *
 * @param at the instant
 * @param zone the zone it was recorded in
 * @param day the local day on which it was
 */
public record Moment(Instant at, ZoneId zone, LocalDate day) {

  public Moment {
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(zone, "zone");
    Objects.requireNonNull(day, "day");
  }

  /** An instant as it is now in a zone. */
  public static Moment of(Instant at, ZoneId zone) {
    return new Moment(at, zone, at.atZone(zone).toLocalDate());
  }
}
