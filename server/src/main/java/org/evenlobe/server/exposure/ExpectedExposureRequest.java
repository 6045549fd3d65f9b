package org.evenlobe.server.exposure;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.Month;
import java.time.ZoneId;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Season;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;

/**
 * What happens to a dog's ears on the same weekdays, in a part of the year.
 *
 * @param dogId whose ears
 * @param at when it was said; it is expected from that day on
 * @param zone the zone it is recorded in
 * @param kind what happens
 * @param weekdays on which days of the week
 * @param from the first day of the part of the year
 * @param until its last one; before {@code from} where it goes over the turn of the year
 */
public record ExpectedExposureRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull ExposureKind kind,
    @NotEmpty @Size(max = 7) Set<@NotNull DayOfWeek> weekdays,
    @NotNull @Valid YearDayRequest from,
    @NotNull @Valid YearDayRequest until)
    implements DogFactRequest {
  private static final int MONTHS = 12;
  private static final int LONGEST_MONTH = 31;

  /**
   * A day of every year.
   *
   * @param month 1 to 12
   * @param day 1 to as many as that month may have
   */
  public record YearDayRequest(
      @NotNull @Min(1) @Max(MONTHS) Integer month,
      @NotNull @Min(1) @Max(LONGEST_MONTH) Integer day) {

    void check(InvalidFields.Collector errors, String field) {
      errors.require(
          day <= Month.of(month).maxLength(), field, "must be a day that the month may have");
    }

    Season.YearDay toCore() {
      return new Season.YearDay(month, day);
    }
  }

  /** Says what is wrong with its season. */
  void check(InvalidFields.Collector errors) {
    from.check(errors, "from.day");
    until.check(errors, "until.day");
  }

  /** The part of the year, as the core knows it. */
  Season season() {
    return new Season(from.toCore(), until.toCore());
  }
}
