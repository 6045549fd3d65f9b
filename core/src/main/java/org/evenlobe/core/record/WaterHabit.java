package org.evenlobe.core.record;

/** How often water gets into the ears. */
public enum WaterHabit implements LoadTrait {
  /** Keeps dry. */
  NEVER("never", 1.0),
  /** Swims or is bathed about once a month. */
  MONTHLY("monthly", 1.1),
  /** Swims or is bathed about once a week. */
  WEEKLY("weekly", 1.4),
  /** Wet on most days. */
  MOST_DAYS("most days", 1.6);

  private final String words;
  private final double factor;

  WaterHabit(String words, double factor) {
    this.words = words;
    this.factor = factor;
  }

  @Override
  public String words() {
    return words;
  }

  @Override
  public double factor() {
    return factor;
  }
}
