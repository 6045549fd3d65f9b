package org.evenlobe.core.record;

/** What may trouble ears a while later. */
public enum ExposureKind implements Worded {
  /** A swim. */
  SWIM("swim", true),
  /** A bath. */
  BATH("bath", true),
  /** A walk in the rain. */
  RAIN_WALK("rain walk", true),
  /** Grooming, which wets the ears too. */
  GROOMING("grooming", true),
  /** A dusty day. */
  DUST("dusty day", false);

  private final String words;
  private final boolean wet;

  ExposureKind(String words, boolean wet) {
    this.words = words;
    this.wet = wet;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether ears get wet by it. */
  public boolean isWet() {
    return wet;
  }
}
