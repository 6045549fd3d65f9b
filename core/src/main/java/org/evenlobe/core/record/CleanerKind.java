package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What a ready cleaner does; kinds, never brands. */
public enum CleanerKind implements Worded {
  /** Mild acid and alcohol. */
  DRYING("drying"),
  /** Dissolves wax. */
  WAX_DISSOLVING("wax-dissolving"),
  /** A gentle gel or micellar cleaner. */
  GENTLE("gentle"),
  /** Buffered and alkaline, with Tris-EDTA. */
  BUFFERED("buffered"),
  /** With chlorhexidine. */
  ANTISEPTIC("antiseptic"),
  /** Salt water of 0.9 %. */
  SALINE("saline");

  private final String words;

  CleanerKind(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
