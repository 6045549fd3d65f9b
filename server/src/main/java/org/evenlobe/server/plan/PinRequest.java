package org.evenlobe.server.plan;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * A planned item that a person puts on a day.
 *
 * @param dogId whose
 * @param at when it was said
 * @param zone the zone it is recorded in
 * @param item the planned item's id
 * @param on the day
 * @param reason why; needed where the day lies outside the item's window
 */
record PinRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 200) String item,
    @NotNull LocalDate on,
    @Nullable @Size(max = 200) String reason)
    implements DogFactRequest {}
