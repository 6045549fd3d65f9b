package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * That a dog in a diet trial ate something else.
 *
 * @param id its id
 * @param moment when
 * @param trial in which trial
 * @param what what it ate, where that is known
 * @param by who saw it, where that is known
 */
public record DietSlip(UUID id, Moment moment, UUID trial, Optional<String> what, Optional<UUID> by)
    implements ReadFact {

  public DietSlip {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(trial, "trial");
    Objects.requireNonNull(what, "what");
    Objects.requireNonNull(by, "by");
  }
}
