package org.evenlobe.core.record;

import java.util.Objects;
import java.util.UUID;

/**
 * Wet ears that were dried.
 *
 * @param id its id
 * @param moment when
 */
public record Drying(UUID id, Moment moment) implements ReadFact {

  public Drying {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
  }
}
