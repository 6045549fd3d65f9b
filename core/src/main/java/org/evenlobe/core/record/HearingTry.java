package org.evenlobe.core.record;

/** Whether the dog turned to a sound from behind on that side; further down is worse. */
public enum HearingTry {
  /** It turned. */
  TURNED,
  /** It was not tried. */
  NOT_TRIED,
  /** It did not turn. */
  DID_NOT_TURN
}
