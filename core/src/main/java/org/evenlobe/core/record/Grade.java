package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** How strong a sign is. */
public enum Grade implements Worded {
  /** 0: not there. */
  NONE(0, "none"),
  /** 1: there on a second look. */
  MILD(1, "mild"),
  /** 2: plain to see. */
  MODERATE(2, "moderate"),
  /** 3: as strong as it gets. */
  SEVERE(3, "severe");

  private final int number;
  private final String words;

  Grade(int number, String words) {
    this.number = number;
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** 0 to 3. */
  public int number() {
    return number;
  }

  /** Whether this grade is that one or stronger. */
  public boolean atLeast(Grade other) {
    return compareTo(other) >= 0;
  }

  /** The stronger of the two. */
  public Grade or(Grade other) {
    return atLeast(other) ? this : other;
  }
}
