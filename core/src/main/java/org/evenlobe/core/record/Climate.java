package org.evenlobe.core.record;

/** How humid the air is where the dog lives. */
public enum Climate implements LoadTrait {
  /** Wet laundry dries in an hour or two. */
  DRY("dry", 0.95),
  /** Neither dry nor humid for long. */
  TEMPERATE("temperate", 1.0),
  /** Wet laundry hardly dries. */
  HUMID("humid", 1.2);

  private final String words;
  private final double factor;

  Climate(String words, double factor) {
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
