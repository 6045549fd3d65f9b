package org.evenlobe.core.record;

/** Where a cotton swab may go. Down the canal it never may: it packs the wax and can pierce. */
public enum Swabs {
  /** Nowhere. */
  NEVER,
  /** Into the grooves of the flap, the tip always in sight. */
  FOLDS_ONLY
}
