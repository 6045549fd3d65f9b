package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What takes hands besides cleanings, where a household says so. */
public enum Hands implements Worded {
  /** Checks. */
  CHECKS("checks"),
  /** Practices on the trust ladder. */
  PRACTICES("practices"),
  /** Hair care. */
  HAIR("hair care");

  private final String words;

  Hands(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
