package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What may trouble ears a while later. */
public enum ExposureKind implements Worded {
  /** A swim. */
  SWIM("swim", Brings.WATER),
  /** A bath. */
  BATH("bath", Brings.WATER),
  /** A walk in the rain. */
  RAIN_WALK("rain walk", Brings.WATER),
  /** Grooming with a bath, which wets the ears too. */
  GROOMING("grooming with a bath", Brings.WATER),
  /** Grooming without one. */
  GROOMING_DRY("grooming, no bath", Brings.NOTHING),
  /** A hike, or a run through high grass. */
  FIELD("hike or high grass", Brings.SEEDS),
  /** A dusty day. */
  DUST("dusty day", Brings.SEEDS),
  /** Food that it did not have before. */
  FOOD("new food", Brings.NOTHING),
  /** A new place, or boarding. */
  PLACE("new place", Brings.NOTHING),
  /** A treatment against fleas. */
  FLEA_TREATMENT("flea treatment", Brings.NOTHING),
  /** The stress of travel. */
  TRAVEL("travel", Brings.NOTHING);

  /** What such a day brings into the ears. */
  private enum Brings {
    WATER,
    SEEDS,
    NOTHING
  }

  private final String words;
  private final Brings brings;

  ExposureKind(String words, Brings brings) {
    this.words = words;
    this.brings = brings;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether ears get wet by it. */
  public boolean isWet() {
    return brings == Brings.WATER;
  }

  /** Whether seeds or dust may get into the ears by it. */
  public boolean bringsSeeds() {
    return brings == Brings.SEEDS;
  }
}
