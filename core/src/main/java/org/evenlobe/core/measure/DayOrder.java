package org.evenlobe.core.measure;

/** In which order dates are written. */
public enum DayOrder {
  /** 25 Nov 2026. */
  DAY_FIRST,
  /** Nov 25, 2026. */
  MONTH_FIRST
}
