package org.evenlobe.core.record;

import java.util.Objects;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * A person's confirmation that an ear held after a check may be cleaned again.
 *
 * @param id its id
 * @param moment when
 * @param ear which ear
 */
public record HoldRelease(UUID id, Moment moment, Side ear) implements FoldedFact {

  public HoldRelease {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(ear, "ear");
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
