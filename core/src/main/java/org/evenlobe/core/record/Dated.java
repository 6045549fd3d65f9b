package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.UUID;

/**
 * A fact that happened, or was said, at a moment: one that moves the lines of a dog, or one that is
 * only read.
 */
public sealed interface Dated permits FoldedFact, ReadFact {
  /** Oldest first; ties break by id. */
  Comparator<Dated> BY_TIME = Comparator.comparing(Dated::at).thenComparing(Dated::id);

  /** Its id. */
  UUID id();

  /** When it happened, or was said. */
  Moment moment();

  /** The instant of it. */
  default Instant at() {
    return moment().at();
  }

  /** The local day that it is of. */
  default LocalDate day() {
    return moment().day();
  }

  /** Whether it is of that day or before. */
  default boolean isBy(LocalDate other) {
    return !day().isAfter(other);
  }
}
