package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** Where a lump or wart sits. */
public enum LumpPlace implements Worded {
  /** On the outside of the flap or its edge. */
  FLAP("on the flap"),
  /** On the inside of the flap. */
  UNDER_FLAP("inside the flap"),
  /** Where the canal opens. */
  OPENING("at the opening"),
  /** In the canal, as far as one can see. */
  CANAL("in the canal");

  private final String words;

  LumpPlace(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
