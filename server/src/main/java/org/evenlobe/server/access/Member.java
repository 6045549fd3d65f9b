package org.evenlobe.server.access;

import java.util.Optional;
import java.util.UUID;

/**
 * Who works in which household.
 *
 * @param household the household
 * @param person the person
 * @param role what they may do there
 * @param speaker the name of somebody without an account for whom they stand; else empty
 */
public record Member(UUID household, UUID person, Role role, Optional<String> speaker) {

  /** Somebody who speaks for themselves. */
  public Member(UUID household, UUID person, Role role) {
    this(household, person, role, Optional.empty());
  }

  /** The same, with what somebody else says. */
  public Member speakingFor(String name) {
    return new Member(household, person, role, Optional.of(name));
  }
}
