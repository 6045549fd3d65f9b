package org.evenlobe.core.record;

/** The answer to a plain question. */
public enum Answer {
  /** Yes. */
  YES,
  /** No. */
  NO,
  /** Not known, or not asked. */
  NOT_KNOWN
}
