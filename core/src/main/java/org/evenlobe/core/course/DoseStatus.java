package org.evenlobe.core.course;

import org.evenlobe.core.measure.Worded;

/** What has become of a dose. */
public enum DoseStatus implements Worded {
  /** It was given. */
  GIVEN("given"),
  /** It was left out on purpose. */
  LEFT_OUT("left out"),
  /** The next was nearer, and nobody had given it: it is left out, never doubled. */
  MISSED("missed"),
  /** It is late, and is given now. */
  LATE("late: give it now"),
  /** It is on time now. */
  DUE("now"),
  /** It lies ahead. */
  AHEAD("ahead");

  private final String words;

  DoseStatus(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it is to be given now. */
  public boolean isNow() {
    return this == DUE || this == LATE;
  }
}
