package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** Who saw to the hair of an ear. */
public enum HairBy implements Worded {
  /** Somebody of the household. */
  HOUSEHOLD("one of us"),
  /** A groomer. */
  GROOMER("the groomer"),
  /** A vet. */
  VET("the vet");

  private final String words;

  HairBy(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
