package org.evenlobe.core.record;

/** What an ear smells of; further down is worse. */
public enum Odour {
  /** Nothing. */
  NONE("no odour"),
  /** Wax, as a healthy ear does. */
  WAXY("waxy odour"),
  /** Sweet, like malt or bread. */
  SWEET("sweet odour"),
  /** Foul. */
  FOUL("foul odour");

  private final String words;

  Odour(String words) {
    this.words = words;
  }

  /** The odour in plain words. */
  public String words() {
    return words;
  }

  /** Whether this is that odour or a worse one. */
  public boolean atLeast(Odour other) {
    return compareTo(other) >= 0;
  }
}
