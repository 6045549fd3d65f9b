package org.evenlobe.core.record;

/** What is wiped with. Not paper towel, which is coarse. */
public enum WipeMaterial {
  /** Balls of cotton. */
  COTTON_BALLS("cotton ball", "Cotton balls"),
  /** Gauze. */
  GAUZE("piece of gauze", "Pieces of gauze"),
  /** Cotton pads. */
  COTTON_PADS("cotton pad", "Cotton pads"),
  /** Soft tissue folded over the finger. */
  SOFT_TISSUE("folded tissue", "Folded tissues"),
  /** Ready ear wipes. */
  READY_WIPES("ear wipe", "Ear wipes");

  private final String words;
  private final String many;

  WipeMaterial(String words, String many) {
    this.words = words;
    this.many = many;
  }

  /** One of them, as it stands in a sentence. */
  public String words() {
    return words;
  }

  /** Several of them, at the beginning of a sentence. */
  public String many() {
    return many;
  }
}
