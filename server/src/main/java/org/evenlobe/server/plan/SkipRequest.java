package org.evenlobe.server.plan;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.record.DogFactRequest;

/**
 * A planned item that a person skips.
 *
 * @param dogId whose
 * @param at when it was said
 * @param zone the zone it is recorded in
 * @param item the planned item's id
 * @param reason why, in their own words
 */
record SkipRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 200) String item,
    @NotBlank @Size(max = 200) String reason)
    implements DogFactRequest {}
