package org.evenlobe.server.exposure;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.record.DogFactRequest;

/**
 * A day on which what was expected did not happen, or will not.
 *
 * @param dogId whose ears
 * @param at when it was said
 * @param zone the zone it is recorded in
 * @param expected the id of what was expected
 * @param on the day
 */
record StruckDayRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull UUID expected,
    @NotNull LocalDate on)
    implements DogFactRequest {}
