package org.evenlobe.core.check;

import java.util.Optional;

/**
 * What a pattern needs to know of an ear from its story.
 *
 * @param firstEpisode whether there was no flare before this one
 * @param comesBack two flares or more in 12 months, this one included
 * @param longStanding a flare that has lasted 30 days
 * @param worseBefore at how many checks running before this one this ear was the worse one
 * @param years the dog's age, where it is known
 */
public record EarStory(
    boolean firstEpisode,
    boolean comesBack,
    boolean longStanding,
    int worseBefore,
    Optional<Double> years) {
  private static final double YOUNG_UNDER = 1;
  private static final double OLDER_OVER = 8;

  /** An ear without a story, of a dog whose age is not known. */
  public static final EarStory NONE = new EarStory(true, false, false, 0, Optional.empty());

  boolean isYoung() {
    return years.isPresent() && years.get() < YOUNG_UNDER;
  }

  boolean isOlder() {
    return years.isPresent() && years.get() > OLDER_OVER;
  }
}
