package org.evenlobe.core.record;

/** The schools of when to clean. */
public enum SchedulingMode {
  /** Checks on schedule; a cleaning only when a check says that it is worth it. */
  AS_NEEDED,
  /** The same interval every time, whatever comes out. */
  FIXED,
  /** Starts from breed and ear type, then learns from what comes out. */
  LEARNED,
  /** As a vet prescribed: interval, method, product and end. Nobody chooses it; a visit sets it. */
  VET;

  /** Whether a person chooses it. */
  public boolean isChosen() {
    return this != VET;
  }
}
