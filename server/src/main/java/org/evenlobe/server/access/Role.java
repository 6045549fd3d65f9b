package org.evenlobe.server.access;

import java.util.Locale;
import org.evenlobe.server.problem.Refusal;

/** What a member of a household may do; each may do what the ones before it may. */
public enum Role {
  /** Sees everything. */
  VIEWER,
  /** Records facts. */
  CARER,
  /** Does everything. */
  OWNER;

  /**
   * Asks that this role may do what the needed one may.
   *
   * @throws Refusal 403 if not
   */
  public void require(Role needed) {
    if (!covers(needed)) {
      throw Refusal.forbidden(
          "As a " + name().toLowerCase(Locale.ROOT) + " you can see but not change this.");
    }
  }

  /** Whether this role may do what the needed one may. */
  public boolean covers(Role needed) {
    return compareTo(needed) >= 0;
  }
}
