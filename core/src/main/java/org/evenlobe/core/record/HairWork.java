package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What was done about the hair of an ear. */
public enum HairWork implements Worded {
  /** Combed out, loose hair and mats. */
  COMBED("combed out"),
  /** Trimmed round the opening. */
  TRIMMED("trimmed"),
  /** Plucked a little at a time. */
  PLUCKED("plucked");

  private final String words;

  HairWork(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it is what a household means that has hair trimmed or plucked. */
  public boolean shortens() {
    return this != COMBED;
  }
}
