package org.evenlobe.core.record;

import java.util.Objects;
import java.util.UUID;

/**
 * A look for seeds after a day out, at which none was found; one that is found is a check.
 *
 * @param id its id
 * @param moment when
 */
public record SeedLook(UUID id, Moment moment) implements ReadFact {

  public SeedLook {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
  }
}
