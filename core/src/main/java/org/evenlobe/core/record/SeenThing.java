package org.evenlobe.core.record;

/** Something seen in or at an ear that does not belong there. */
public enum SeenThing {
  /** A seed head, a stone, a thread. */
  FOREIGN_BODY("something stuck in the ear"),
  /** A tick that was lifted off. */
  TICK_LIFTED("a tick, lifted off"),
  /** A tick that cannot be lifted off. */
  TICK_STUCK("a tick that cannot be lifted off"),
  /** Hair that blocks the canal. */
  HAIR_BLOCKING("hair that blocks the canal"),
  /** A mat of hair under the flap. */
  MAT_UNDER_FLAP("a mat under the flap"),
  /** A flap that has filled like a cushion. */
  FLAP_BALLOONED("a ballooned flap");

  private final String words;

  SeenThing(String words) {
    this.words = words;
  }

  /** The thing in plain words. */
  public String words() {
    return words;
  }
}
