package org.evenlobe.core.check;

/** What is known of an eardrum on a day. */
public enum EardrumKnown {
  /** Seen intact within 12 months, and nothing since that speaks against it. */
  INTACT,
  /** Never examined, or seen too long ago. */
  NOT_KNOWN,
  /** Torn or missing. */
  NOT_INTACT
}
