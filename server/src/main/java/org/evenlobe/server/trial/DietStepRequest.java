package org.evenlobe.server.trial;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.DietStep;
import org.evenlobe.server.record.DogFactRequest;

/**
 * What became of a diet trial.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 * @param trialId of which
 * @param news what
 */
record DietStepRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull UUID trialId,
    @NotNull DietStep.News news)
    implements DogFactRequest {}
