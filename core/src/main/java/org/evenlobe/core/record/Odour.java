package org.evenlobe.core.record;

/** What an ear smells of; further down is worse. */
public enum Odour implements Worded {
  /** Nothing. */
  NONE("none"),
  /** Wax, as a healthy ear does. */
  WAXY("waxy"),
  /** Sweet, like malt or bread. */
  SWEET("sweet"),
  /** Foul. */
  FOUL("foul");

  private final String words;

  Odour(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether this is that odour or a worse one. */
  public boolean atLeast(Odour other) {
    return compareTo(other) >= 0;
  }
}
