package org.evenlobe.core.record;

/** How trouble began. */
public enum Onset {
  /** From one hour to the next. */
  SUDDEN,
  /** Over days. */
  GRADUAL
}
