package org.evenlobe.server.trial;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * That a dog in a diet trial ate something else.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 * @param trialId in which trial
 * @param what what it ate
 */
public record DietSlipRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull UUID trialId,
    @Nullable @Size(max = 200) String what)
    implements DogFactRequest {}
