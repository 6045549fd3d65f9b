package org.evenlobe.server.fact;

import jakarta.persistence.Embeddable;
import java.io.Serializable;
import java.util.UUID;

/**
 * The primary key of a fact.
 *
 * @param householdId whose fact it is
 * @param id made by the client
 */
@Embeddable
public record FactKey(UUID householdId, UUID id) implements Serializable {}
