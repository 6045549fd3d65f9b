package org.evenlobe.core.suit;

import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.record.Grade;

/** What a check may find that changes what suits an ear. */
public enum Found {
  /** Skin that is a little red. */
  PINK,
  /** Red skin. */
  RED,
  /** Sores. */
  SORE,
  /** Discharge of grade 2 or more. */
  DISCHARGE,
  /** A verdict of caution or worse. */
  UNQUIET;

  /** A quiet ear of which that was found. */
  EarNow in(EarNow quiet) {
    return switch (this) {
      case PINK -> quiet.showing(Verdict.LEAVE, Grade.MILD, Grade.NONE, Grade.NONE);
      case RED -> quiet.showing(Verdict.LEAVE, Grade.MODERATE, Grade.NONE, Grade.NONE);
      case SORE -> quiet.showing(Verdict.LEAVE, Grade.NONE, Grade.MILD, Grade.NONE);
      case DISCHARGE -> quiet.showing(Verdict.LEAVE, Grade.NONE, Grade.NONE, Grade.MODERATE);
      case UNQUIET -> quiet.showing(Verdict.CAUTION, Grade.NONE, Grade.NONE, Grade.NONE);
    };
  }
}
