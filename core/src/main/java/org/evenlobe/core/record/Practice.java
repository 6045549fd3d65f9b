package org.evenlobe.core.record;

import java.util.Objects;
import java.util.UUID;

/**
 * A short practice with which a dog learns to have its ears handled.
 *
 * @param id its id
 * @param moment when
 * @param rung what was practised
 * @param handled how the dog took it
 */
public record Practice(UUID id, Moment moment, Rung rung, Handled handled) implements FoldedFact {

  public Practice {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(rung, "rung");
    Objects.requireNonNull(handled, "handled");
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
