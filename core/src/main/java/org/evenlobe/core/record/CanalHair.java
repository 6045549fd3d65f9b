package org.evenlobe.core.record;

/** How much hair grows in the canal. */
public enum CanalHair implements LoadTrait {
  /** The canal is bare. */
  NONE("bare", 1.0),
  /** A few hairs at the opening. */
  SOME("some", 1.15),
  /** The opening is full of hair. */
  DENSE("dense", 1.4);

  private final String words;
  private final double factor;

  CanalHair(String words, double factor) {
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
