package org.evenlobe.server.cleaning;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.HairBy;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * That the hair of the ears was seen to.
 *
 * @param dogId whose
 * @param at when
 * @param zone the zone it is recorded in
 * @param ear which ear; both where left out
 * @param work what was done
 * @param by who did it
 */
public record HairDoneRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @Nullable Side ear,
    @NotNull HairWork work,
    @NotNull HairBy by)
    implements DogFactRequest {}
