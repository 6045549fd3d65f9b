package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
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
}
