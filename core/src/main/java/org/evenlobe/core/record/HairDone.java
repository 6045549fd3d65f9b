package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * That the hair of the ears was seen to.
 *
 * @param id its id
 * @param moment when
 * @param ear which ear; empty for both
 * @param work what was done
 * @param by who did it
 */
public record HairDone(UUID id, Moment moment, Optional<Side> ear, HairWork work, HairBy by)
    implements ReadFact {

  public HairDone {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(work, "work");
    Objects.requireNonNull(by, "by");
  }

  /** Whether it was done to that ear. */
  public boolean isOf(Side side) {
    return ear.map(side::equals).orElse(true);
  }
}
