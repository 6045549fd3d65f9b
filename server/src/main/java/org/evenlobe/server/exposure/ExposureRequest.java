package org.evenlobe.server.exposure;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;

/**
 * What a person says happened to a dog's ears.
 *
 * @param dogId whose ears
 * @param at when it was recorded
 * @param zone the zone it is recorded in
 * @param kind what it was
 * @param firstDay its first local day
 * @param lastDay its last one, 30 days after the first at most
 */
public record ExposureRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull ExposureKind kind,
    @NotNull LocalDate firstDay,
    @NotNull LocalDate lastDay)
    implements DogFactRequest {

  /** Says what is wrong with its days. */
  void check(InvalidFields.Collector errors, LocalDate today) {
    errors.require(!lastDay.isAfter(today), "lastDay", "must not lie in the future");
    errors.require(!lastDay.isBefore(firstDay), "lastDay", "must not lie before firstDay");
    errors.require(
        ChronoUnit.DAYS.between(firstDay, lastDay) < Exposure.MOST_DAYS,
        "firstDay",
        "must not lie more than 30 days before lastDay");
  }
}
