package org.evenlobe.core.check;

/** What may go into an ear; further down is less. */
public enum MayGoIn {
  /** Liquid may go into the canal. */
  IN_EAR,
  /** Only what can be seen may be wiped. */
  WIPE,
  /** Nothing. */
  NONE;

  /** The less of the two. */
  public MayGoIn or(MayGoIn other) {
    return compareTo(other) >= 0 ? this : other;
  }

  /**
   * What may go into an ear (rule CHECK_MAY_GO_IN).
   *
   * @param verdict its verdict
   * @param held whether a hold is open
   * @param eardrum what is known of its eardrum
   * @param trouble whether the record shows what makes an eardrum that is not known to be whole
   *     doubtful
   * @param wipeOnly whether hair, a mat, a lump or a medicine keeps all but a wipe out
   */
  public static MayGoIn of(
      Verdict verdict, boolean held, EardrumKnown eardrum, boolean trouble, boolean wipeOnly) {
    if (held || verdict.atLeast(Verdict.STOP) || eardrum == EardrumKnown.NOT_INTACT) {
      return NONE;
    }
    boolean doubtful = eardrum != EardrumKnown.INTACT && trouble;
    return verdict == Verdict.CAUTION || doubtful || wipeOnly ? WIPE : IN_EAR;
  }
}
