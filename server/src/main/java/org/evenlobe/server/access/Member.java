package org.evenlobe.server.access;

import java.util.UUID;

/**
 * Who works in which household.
 *
 * @param household the household
 * @param person the person
 * @param role what they may do there
 */
public record Member(UUID household, UUID person, Role role) {}
