package org.evenlobe.server.trial;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a diet trial.
 *
 * @param dogId whose
 * @param at when it is written down
 * @param zone the zone it is recorded in
 * @param protein the one new protein
 * @param starch the one new starch
 * @param foodsSoFar what the dog has been fed so far
 * @param allowed what else is allowed
 * @param startsOn its first day
 * @param days how many clean days it needs; 56 where left out
 */
public record DietTrialRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 100) String protein,
    @NotBlank @Size(max = 100) String starch,
    @NotNull @Size(max = 40)
        List<@NotBlank @Size(max = 100) @Pattern(regexp = LINE) String> foodsSoFar,
    @NotNull @Size(max = 40)
        List<@NotBlank @Size(max = 100) @Pattern(regexp = LINE) String> allowed,
    @NotNull LocalDate startsOn,
    @Nullable @Min(DietTrial.SHORTEST_DAYS) @Max(DietTrial.LONGEST_DAYS) Integer days)
    implements DogFactRequest {
  private static final String LINE = "[^\\r\\n]*";

  void check(InvalidFields.Collector errors) {
    LocalDate day = moment().day();
    errors.require(
        !startsOn.isBefore(day.minusYears(1)) && !startsOn.isAfter(day.plusYears(1)),
        "startsOn",
        "must lie within a year");
  }
}
