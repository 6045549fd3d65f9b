package org.evenlobe.core.suit;

/** Whether a mix suits an ear; the worst of all reasons stands. */
public enum Suits {
  /** It may be used. */
  OK,
  /** With care: the reason says with which. */
  CARE,
  /** It does not. */
  NO;

  /** The worse of the two. */
  public Suits or(Suits other) {
    return compareTo(other) >= 0 ? this : other;
  }
}
