package org.evenlobe.core.record;

/** The schools of when to clean. */
public enum SchedulingMode {
  /** Checks on schedule; a cleaning only when a check says that it is worth it. */
  AS_NEEDED,
  /** The same interval every time, whatever comes out. */
  FIXED,
  /** Starts from breed and ear type, then learns from what comes out. */
  LEARNED
}
