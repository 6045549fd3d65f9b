package org.evenlobe.server.exposure;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.record.DogFactRequest;

/**
 * That seeds were looked for, and none was found.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 */
record SeedLookRequest(@NotNull UUID dogId, @NotNull Instant at, @NotNull ZoneId zone)
    implements DogFactRequest {}
