package org.evenlobe.server.access;

/** What a member of a household may do; each may do what the ones before it may. */
public enum Role {
  /** Sees everything. */
  VIEWER,
  /** Records facts. */
  CARER,
  /** Does everything. */
  OWNER;

  /** Whether this role may do what the needed one may. */
  public boolean covers(Role needed) {
    return compareTo(needed) >= 0;
  }
}
