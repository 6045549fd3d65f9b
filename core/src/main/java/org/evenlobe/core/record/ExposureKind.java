package org.evenlobe.core.record;

/** What may trouble ears a while later. */
public enum ExposureKind {
  /** A swim. */
  SWIM("a swim", true),
  /** A bath. */
  BATH("a bath", true),
  /** A walk in the rain. */
  RAIN_WALK("a walk in the rain", true),
  /** Grooming, which wets the ears too. */
  GROOMING("grooming", true),
  /** A dusty day. */
  DUST("a dusty day", false);

  private final String words;
  private final boolean wet;

  ExposureKind(String words, boolean wet) {
    this.words = words;
    this.wet = wet;
  }

  /** The kind in plain words. */
  public String words() {
    return words;
  }

  /** Whether ears get wet by it. */
  public boolean isWet() {
    return wet;
  }
}
