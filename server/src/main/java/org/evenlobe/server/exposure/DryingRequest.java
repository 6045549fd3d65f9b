package org.evenlobe.server.exposure;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.record.DogFactRequest;

/**
 * That wet ears were dried.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 */
public record DryingRequest(@NotNull UUID dogId, @NotNull Instant at, @NotNull ZoneId zone)
    implements DogFactRequest {}
