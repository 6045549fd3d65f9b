package org.evenlobe.core.record;

/** Whether the dog has an allergy, by what the vet said. */
public enum Allergy implements LoadTrait {
  /** None known. */
  NONE("none", 1.0),
  /** Suspected, not settled. */
  SUSPECTED("suspected", 1.2),
  /** Diagnosed by a vet. */
  DIAGNOSED("diagnosed", 1.4);

  private final String words;
  private final double factor;

  Allergy(String words, double factor) {
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
