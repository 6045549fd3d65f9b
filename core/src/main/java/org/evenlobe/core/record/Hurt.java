package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** That a cleaning hurt an ear: a sign of the ear, never bad temper. Further down is worse. */
public enum Hurt implements Worded {
  /** The dog flinched. */
  FLINCHED("flinched", Grade.MILD),
  /** It cried out or pulled away. */
  CRIED_OUT("cried out or pulled away", Grade.MODERATE);

  private final String words;
  private final Grade pain;

  Hurt(String words, Grade pain) {
    this.words = words;
    this.pain = pain;
  }

  @Override
  public String words() {
    return words;
  }

  /** The pain that it is. */
  public Grade pain() {
    return pain;
  }
}
