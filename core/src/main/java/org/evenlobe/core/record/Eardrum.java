package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * What a vet saw of the eardrums.
 *
 * @param status what was seen
 * @param on when; needed where it was seen
 */
public record Eardrum(Status status, Optional<LocalDate> on) {

  /** What a vet saw. */
  public enum Status {
    /** Nobody has looked. */
    NEVER_EXAMINED,
    /** Seen, and whole. */
    SEEN_INTACT,
    /** Torn or missing: no liquid may go in. */
    NOT_INTACT
  }

  public Eardrum {
    Objects.requireNonNull(status, "status");
    if (status == Status.SEEN_INTACT && on.isEmpty()) {
      throw new IllegalArgumentException("an eardrum was seen on a day");
    }
  }
}
