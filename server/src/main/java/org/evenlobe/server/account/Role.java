package org.evenlobe.server.account;

/** What a member of a household may do; each may do what the ones before it may. */
public enum Role {
  /** Sees everything. */
  VIEWER,
  /** Records facts. */
  CARER,
  /** Does everything. */
  OWNER;

  boolean covers(Role needed) {
    return compareTo(needed) >= 0;
  }
}
