package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What an oil is pressed or rendered from. */
public enum OilSource implements Worded {
  /** The body of fish. */
  FISH("fish"),
  /** Algae. */
  ALGAE("algae"),
  /** The liver of fish: it holds much of vitamins A and D. */
  LIVER("liver, such as cod's"),
  /** Plants, such as flax. */
  PLANT("plants, such as flax");

  private final String words;

  OilSource(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
