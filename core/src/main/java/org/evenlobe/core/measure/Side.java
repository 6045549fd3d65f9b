package org.evenlobe.core.measure;

/** One of a dog's two sides. Always the dog's own, never the onlooker's. */
public enum Side {
  /** The dog's own right. */
  RIGHT,
  /** The dog's own left. */
  LEFT;

  /** The side across. */
  public Side other() {
    return this == RIGHT ? LEFT : RIGHT;
  }

  /** As it stands in a sentence: "right ear". */
  public String ear() {
    return this == RIGHT ? "right ear" : "left ear";
  }
}
