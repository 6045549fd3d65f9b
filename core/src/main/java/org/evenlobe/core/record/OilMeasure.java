package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** By what an oil is measured. */
public enum OilMeasure implements Worded {
  /** A capsule. */
  CAPSULE("capsule"),
  /** A millilitre. */
  MILLILITRE("mL"),
  /** A level teaspoon of 5 mL. */
  TEASPOON("teaspoon");

  private final String words;

  OilMeasure(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
