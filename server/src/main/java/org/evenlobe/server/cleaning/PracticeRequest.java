package org.evenlobe.server.cleaning;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Rung;
import org.evenlobe.server.record.DogFactRequest;

/**
 * What a person says of a practice on the trust ladder.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 * @param rung what was practised
 * @param handled how the dog took it
 */
public record PracticeRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull Rung rung,
    @NotNull Handled handled)
    implements DogFactRequest {}
