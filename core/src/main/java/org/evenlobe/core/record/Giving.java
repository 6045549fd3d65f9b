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
 * @param name who gave it, where it was told by somebody who has no account
 */
public record Giving(
    UUID id,
    Moment moment,
    UUID course,
    Set<Side> ears,
    boolean given,
    boolean offline,
    Optional<String> why,
    Optional<UUID> by,
    Optional<String> name)
    implements FoldedFact {

  /** One that somebody of the household ticked. */
  public Giving(
      UUID id,
      Moment moment,
      UUID course,
      Set<Side> ears,
      boolean given,
      boolean offline,
      Optional<String> why,
      Optional<UUID> by) {
    this(id, moment, course, ears, given, offline, why, by, Optional.empty());
  }

  public Giving {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(course, "course");
    Objects.requireNonNull(why, "why");
    Objects.requireNonNull(by, "by");
    Objects.requireNonNull(name, "name");
    EnumSet<Side> sides = EnumSet.noneOf(Side.class);
    sides.addAll(ears);
    ears = Collections.unmodifiableSet(sides);
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
