package org.evenlobe.server.handover;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What somebody who had a dog for a while says that they did and saw.
 *
 * @param dogId which dog
 * @param at when
 * @param zone the zone it is recorded in
 * @param by the name of who says it
 * @param taker as what they had the dog
 * @param done what they did
 * @param seen what they saw
 * @param ear of which ear; both, or it is not known, where it is left out
 * @param note more of it in their own words, 500 characters at most
 */
public record ToldRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 80) String by,
    @NotNull Taker taker,
    @NotNull @Size(max = 12) List<Told.@NotNull Done> done,
    @NotNull @Size(max = 12) List<Told.@NotNull Seen> seen,
    @Nullable Side ear,
    @Nullable @Size(max = 500) String note)
    implements DogFactRequest {

  void check(InvalidFields.Collector errors) {
    boolean hasNote = note != null && !note.isBlank();
    errors.require(
        !done.isEmpty() || !seen.isEmpty() || hasNote,
        "done",
        "must say something that was done or seen, or the note must");
  }
}
