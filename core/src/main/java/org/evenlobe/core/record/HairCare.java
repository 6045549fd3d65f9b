package org.evenlobe.core.record;

/** What is done about hair in the canal. */
public enum HairCare {
  /** Nothing. */
  LEAVE,
  /** Trimmed round the opening. */
  TRIM,
  /** Plucked a little at a time, in a quiet ear only. */
  PLUCK
}
