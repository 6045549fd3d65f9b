package org.evenlobe.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What somebody gives on their own.
 *
 * @param dogId whose
 * @param at when it is written down
 * @param zone the zone it is recorded in
 * @param what what it is, in their own words
 * @param ears into which ears; none of what is fed
 * @param supplyId the bottle of the household that it is from
 * @param howOften how often
 * @param from its first day
 * @param to its last day
 * @param endWhy why it was ended
 * @param supplement what is in it, of an oil that is fed
 * @param vetAgreed whether a vet has said yes to it; no where left out
 */
public record OwnCourseRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 200) String what,
    @NotNull @Size(max = 2) Set<@NotNull Side> ears,
    @Nullable UUID supplyId,
    @NotNull @Valid HowOftenRequest howOften,
    @NotNull LocalDate from,
    @Nullable LocalDate to,
    @Nullable @Size(max = 500) String endWhy,
    @Nullable @Valid SupplementRequest supplement,
    @Nullable Boolean vetAgreed)
    implements DogFactRequest {

  void check(InvalidFields.Collector errors) {
    LocalDate day = moment().day();
    howOften.check(errors);
    errors
        .require(
            !from.isBefore(day.minusYears(3)) && !from.isAfter(day.plusYears(1)),
            "from",
            "must lie within the last three years or the next one")
        .require(to == null || !to.isBefore(from), "to", "must not lie before its first day")
        .require(endWhy == null || to != null, "endWhy", "is said of what has a last day only")
        .require(supplement == null || ears.isEmpty(), "ears", "names none for what is fed");
    if (supplement != null) {
      supplement.check(errors, "supplement.");
    }
  }
}
