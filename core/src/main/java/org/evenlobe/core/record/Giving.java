package org.evenlobe.core.record;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * That a dose was given, or left out on purpose. Which one it was is told by when.
 *
 * @param id its id
 * @param moment when
 * @param course of which course
 * @param ears into which ears; none of a tablet
 * @param given whether it was given; else it was left out
 * @param offline whether the device that it was ticked on had no connection
 * @param why why it was left out, or given before the wait was over, where that was said
 * @param by who ticked it, where that is known
 */
public record Giving(
    UUID id,
    Moment moment,
    UUID course,
    Set<Side> ears,
    boolean given,
    boolean offline,
    Optional<String> why,
    Optional<UUID> by)
    implements Dated {

  public Giving {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(course, "course");
    Objects.requireNonNull(why, "why");
    Objects.requireNonNull(by, "by");
    EnumSet<Side> sides = EnumSet.noneOf(Side.class);
    sides.addAll(ears);
    ears = Collections.unmodifiableSet(sides);
  }
}
