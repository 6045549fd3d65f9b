package org.evenlobe.server.trend;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of something that trouble seems to follow.
 *
 * @param dogId whose
 * @param at when it is said
 * @param zone the zone it is recorded in
 * @param trigger what it is
 * @param follows whether it does
 * @param note more of it in the person's own words
 */
record TriggerSaidRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull Trigger trigger,
    @NotNull Boolean follows,
    @Nullable @Size(max = 500) String note)
    implements DogFactRequest {}
