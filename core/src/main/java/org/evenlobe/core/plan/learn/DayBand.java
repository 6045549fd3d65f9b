package org.evenlobe.core.plan.learn;

/**
 * The range that an interval lies in, four times in five.
 *
 * @param shortest days
 * @param longest days
 */
public record DayBand(int shortest, int longest) {

  public DayBand {
    if (shortest > longest) {
      throw new IllegalArgumentException("a band from " + shortest + " to " + longest);
    }
  }
}
