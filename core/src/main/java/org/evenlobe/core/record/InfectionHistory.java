package org.evenlobe.core.record;

/** Ear infections in the last 12 months, as the person states them. */
public enum InfectionHistory implements LoadTrait {
  /** None. */
  NONE("none", 1.0),
  /** One. */
  ONE("one", 1.15),
  /** Two or more. */
  TWO_OR_MORE("two or more", 1.4);

  private final String words;
  private final double factor;

  InfectionHistory(String words, double factor) {
    this.words = words;
    this.factor = factor;
  }

  @Override
  public String words() {
    return words;
  }

  @Override
  public double factor() {
    return factor;
  }
}
