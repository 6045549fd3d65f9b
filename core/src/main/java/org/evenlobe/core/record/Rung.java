package org.evenlobe.core.record;

/** What a dog allows at its ears; further down is more. */
public enum Rung {
  /** A hand on the head and the ears. */
  TOUCH(1, "touch the head and the ears"),
  /** The flap lifted and folded back. */
  FOLD(2, "lift and fold the flap"),
  /** The flap held up for 10 seconds. */
  HOLD_UP(3, "hold the flap up for 10 s"),
  /** A dry pad at the opening. */
  DRY_PAD(4, "a dry pad at the opening"),
  /** A wet pad, wiping. */
  WET_PAD(5, "a wet pad, wiping"),
  /** A full session. */
  FULL_SESSION(6, "a full session");

  private final int number;
  private final String words;

  Rung(int number, String words) {
    this.number = number;
    this.words = words;
  }

  /** Counted from 1 at the bottom. */
  public int number() {
    return number;
  }

  /** What is done on it. */
  public String words() {
    return words;
  }

  /** The rung of that number, or the nearest that there is. */
  public static Rung numbered(int number) {
    return values()[Math.min(Math.max(number, 1), values().length) - 1];
  }

  /** Whether this is that rung or a higher one. */
  public boolean atLeast(Rung other) {
    return number >= other.number;
  }
}
