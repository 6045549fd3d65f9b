package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * A time in which she is pregnant or nurses.
 *
 * @param from its first day
 * @param until its last day; empty while that is not known
 */
public record Litter(LocalDate from, Optional<LocalDate> until) {

  public Litter {
    Objects.requireNonNull(from, "from");
    if (until.filter(last -> last.isBefore(from)).isPresent()) {
      throw new IllegalArgumentException("it does not end before it begins");
    }
  }

  /** Whether a day lies in it. */
  public boolean includes(LocalDate day) {
    return !day.isBefore(from) && until.map(last -> !day.isAfter(last)).orElse(true);
  }
}
