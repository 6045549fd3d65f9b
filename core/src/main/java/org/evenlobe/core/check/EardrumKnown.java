package org.evenlobe.core.check;

/** What is known of an eardrum on a day. */
public enum EardrumKnown {
  /** Seen intact, and nothing since that speaks against it. */
  INTACT,
  /** Never examined, or doubtful since. */
  NOT_KNOWN,
  /** Torn or missing. */
  NOT_INTACT
}
