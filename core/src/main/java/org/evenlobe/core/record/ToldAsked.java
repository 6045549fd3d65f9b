package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;

/**
 * What somebody told of a dog, asked of it by name at a check.
 *
 * @param told what was told
 * @param seen which of its signs
 * @param ear of which ear it was asked; empty for the whole dog, or for both ears
 * @param answer whether it is there
 */
public record ToldAsked(UUID told, Told.Seen seen, Optional<Side> ear, Is answer) {

  /** Whether a sign that was told is there. */
  public enum Is {
    /** It is there now: the check has graded it. */
    NOW,
    /** It was there then, and is gone. */
    THEN,
    /** It was not. */
    NO
  }

  public ToldAsked {
    Objects.requireNonNull(told, "told");
    Objects.requireNonNull(seen, "seen");
    Objects.requireNonNull(ear, "ear");
    Objects.requireNonNull(answer, "answer");
  }

  /** Whether it was asked of that ear. */
  public boolean isOf(Side side) {
    return ear.map(side::equals).orElse(true);
  }
}
