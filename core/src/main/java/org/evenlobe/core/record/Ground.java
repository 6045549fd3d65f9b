package org.evenlobe.core.record;

/** What the dog runs through on most days. */
public enum Ground implements LoadTrait {
  /** Lives mostly indoors. */
  MOSTLY_INDOORS("mostly indoors", 0.9),
  /** Streets, gardens, meadows. */
  MIXED("mixed", 1.0),
  /** Dust, brush or tall grass. */
  DUSTY_OR_BRUSHY("dusty or brushy", 1.2);

  private final String words;
  private final double factor;

  Ground(String words, double factor) {
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
