package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;

/**
 * What is done about hair in the canals, and how often.
 *
 * @param care what
 * @param weeks after how many weeks it is done again, {@value #FEWEST_WEEKS} to {@value
 *     #MOST_WEEKS}
 */
public record HairRhythm(HairCare care, int weeks) {
  /** The fewest weeks from one time to the next. */
  public static final int FEWEST_WEEKS = 1;

  /** The most. */
  public static final int MOST_WEEKS = 52;

  /** What a household begins with. */
  public static final HairRhythm DEFAULT = new HairRhythm(HairCare.LEAVE, 8);

  public HairRhythm {
    Objects.requireNonNull(care, "care");
    if (weeks < FEWEST_WEEKS || weeks > MOST_WEEKS) {
      throw new IllegalArgumentException("1 to 52 weeks, not " + weeks);
    }
  }

  /** The same rhythm, with what is done with one dog. */
  public HairRhythm with(Optional<HairCare> own) {
    return new HairRhythm(own.orElse(care), weeks);
  }
}
