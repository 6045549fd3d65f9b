package org.evenlobe.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.LightLook.Change;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a light look under a vet's care.
 *
 * @param dogId whose ears
 * @param at when
 * @param zone the zone it is recorded in
 * @param right how the right ear does; left out where it was not looked at
 * @param left how the left ear does; one of the two at least
 * @param dogIsWell whether the dog itself is as ever
 */
record LightLookRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @Nullable @Valid LookedEarRequest right,
    @Nullable @Valid LookedEarRequest left,
    @NotNull Boolean dogIsWell)
    implements DogFactRequest {

  /**
   * How one ear does.
   *
   * @param change against the day before
   * @param hurts whether it hurts when it is touched
   */
  record LookedEarRequest(@NotNull Change change, @NotNull Boolean hurts) {}

  void check(InvalidFields.Collector errors) {
    errors.require(right != null || left != null, "right", "one ear is looked at, at least");
  }
}
