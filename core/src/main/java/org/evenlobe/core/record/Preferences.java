package org.evenlobe.core.record;

import java.util.Objects;

/**
 * How a household likes things done.
 *
 * @param scheduling the school of when to clean
 * @param fixedDays the interval of FIXED, {@value #FEWEST_DAYS} to {@value #MOST_DAYS} days
 */
public record Preferences(SchedulingMode scheduling, int fixedDays) {
  /** The shortest interval that a person may fix. */
  public static final int FEWEST_DAYS = 7;

  /** The longest one. */
  public static final int MOST_DAYS = 60;

  /** What a household begins with. */
  public static final Preferences DEFAULT = new Preferences(SchedulingMode.LEARNED, 14);

  public Preferences {
    Objects.requireNonNull(scheduling, "scheduling");
    if (fixedDays < FEWEST_DAYS || fixedDays > MOST_DAYS) {
      throw new IllegalArgumentException("7 to 60 days, not " + fixedDays);
    }
  }
}
