package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.UUID;

/** A fact that happened at an instant, on a local day that never moves. */
public interface Dated {
  /** Oldest first; ties break by id. */
  Comparator<Dated> BY_TIME = Comparator.comparing(Dated::at).thenComparing(Dated::id);

  /** Its id. */
  UUID id();

  /** When it happened. */
  Instant at();

  /** The local day on which it happened, in the zone it was recorded in. */
  LocalDate day();

  /**
   * Whether it happened on that day or before. No zone is more than 18 hours ahead, so that what
   * was done before six in the morning of that day, by the clock of zone Z, need not ask its own.
   */
  default boolean isBy(LocalDate other) {
    return at().isBefore(other.atTime(6, 0).toInstant(ZoneOffset.UTC)) || !day().isAfter(other);
  }
}
