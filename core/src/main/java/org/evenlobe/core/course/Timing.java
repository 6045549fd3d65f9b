package org.evenlobe.core.course;

import org.evenlobe.core.measure.Worded;

/** How a dose was given against its time. */
public enum Timing implements Worded {
  /** Sooner than it is on time. */
  EARLY("early"),
  /** On time. */
  ON_TIME("on time"),
  /** Later than it is on time. */
  LATE("late");

  private final String words;

  Timing(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
