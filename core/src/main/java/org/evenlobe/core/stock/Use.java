package org.evenlobe.core.stock;

import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * What one cleaning took.
 *
 * @param at when
 * @param amount mL or wipes
 * @param from the bottle or pack, where it was named
 */
public record Use(Instant at, double amount, Optional<UUID> from) {

  public Use {
    Objects.requireNonNull(at, "at");
    Objects.requireNonNull(from, "from");
    if (!(amount >= 0)) {
      throw new IllegalArgumentException("0 or more, not " + amount);
    }
  }
}
