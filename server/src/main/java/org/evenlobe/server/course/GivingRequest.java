package org.evenlobe.server.course;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a dose.
 *
 * @param dogId whose
 * @param at when; that tells which dose it was: the nearest
 * @param zone the zone it is recorded in
 * @param courseId of which course
 * @param ears into which ears; none of a tablet
 * @param given whether it was given; else it was left out
 * @param offline whether the device had no connection when it was ticked; no where left out
 * @param why why it was left out, or given before the wait was over
 */
public record GivingRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull UUID courseId,
    @NotNull @Size(max = 2) Set<@NotNull Side> ears,
    @NotNull Boolean given,
    @Nullable Boolean offline,
    @Nullable @Size(max = 200) String why)
    implements DogFactRequest {

  boolean isOffline() {
    return Boolean.TRUE.equals(offline);
  }
}
