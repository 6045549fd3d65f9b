package org.evenlobe.server.check;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.server.record.DogFactRequest;

/**
 * A person's word that the hold of an ear is over.
 *
 * @param dogId whose ear
 * @param at when
 * @param zone the zone it is recorded in
 * @param ear which ear
 */
record HoldReleaseRequest(
    @NotNull UUID dogId, @NotNull Instant at, @NotNull ZoneId zone, @NotNull Side ear)
    implements DogFactRequest {}
