package org.evenlobe.server.visit;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * When a vet is to see a dog.
 *
 * @param dogId whose
 * @param at when it was recorded
 * @param zone the zone it is recorded in
 * @param on the local day
 * @param time the local time, where it is known
 * @param what what it is for, or where
 */
record AppointmentRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull LocalDate on,
    @Nullable LocalTime time,
    @NotBlank @Size(max = 200) String what)
    implements DogFactRequest {
  private static final int MOST_YEARS_AHEAD = 2;

  /** Says what is wrong with its day. */
  void check(InvalidFields.Collector errors) {
    LocalDate said = moment().day();
    errors.require(!on.isBefore(said), "on", "must not lie in the past");
    errors.require(!on.isAfter(said.plusYears(MOST_YEARS_AHEAD)), "on", "must lie within 2 years");
  }
}
