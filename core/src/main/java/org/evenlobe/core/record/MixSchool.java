package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** Whether a household mixes cleaner for itself. */
public enum MixSchool implements Worded {
  /** Ready cleaners only: what most vets ask for. */
  READY_ONLY("ready cleaners only"),
  /** Its own mixes too, for quiet ears. */
  HOME_MIXED("our own mixes too, for quiet ears");

  private final String words;

  MixSchool(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
