package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** Who takes a dog for a while, or brings it. */
public enum Taker implements Worded {
  /** Who bathes and trims it. */
  GROOMER("groomer"),
  /** Who looks after it for some days. */
  SITTER("sitter"),
  /** A shelter. */
  SHELTER("shelter"),
  /** A foster home. */
  FOSTER("foster home");

  private final String words;

  Taker(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether the dog stays there, and what is due is done there. */
  public boolean keeps() {
    return this != GROOMER;
  }
}
