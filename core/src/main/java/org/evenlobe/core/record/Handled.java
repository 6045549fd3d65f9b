package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** How a dog took a cleaning or a practice; further down is worse. */
public enum Handled implements Worded {
  /** Calm all along. */
  CALM("calm"),
  /** Uneasy, but it stayed. */
  UNEASY("uneasy"),
  /** As it always is: that moves nothing. */
  AS_ALWAYS("as it always is"),
  /** It struggled. */
  STRUGGLED("struggled"),
  /** The person had to stop. */
  HAD_TO_STOP("had to stop");

  private final String words;

  Handled(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
