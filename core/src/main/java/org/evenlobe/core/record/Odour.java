package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What an ear smells of; further down is worse. */
public enum Odour implements Worded {
  /** Nothing. */
  NONE(0, "none"),
  /** Wax, as a healthy ear does. */
  WAXY(1, "waxy"),
  /** Sweet, like malt or bread. */
  SWEET(2, "sweet"),
  /** Foul. */
  FOUL(3, "foul");

  private final int number;
  private final String words;

  Odour(int number, String words) {
    this.number = number;
    this.words = words;
  }

  /** Its place in the order, 0 for none. */
  public int number() {
    return number;
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
