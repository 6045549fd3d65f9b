package org.evenlobe.core.record;

/** Long hair on the flap; heavy feathering weighs it down over the canal. */
public enum Feathering implements LoadTrait {
  /** Short hair only. */
  NONE("none", 1.0),
  /** A fringe. */
  LIGHT("light", 1.0),
  /** Long and thick. */
  HEAVY("heavy", 1.15);

  private final String words;
  private final double factor;

  Feathering(String words, double factor) {
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
