package org.evenlobe.server.course;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.DoseAmount;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * One phase of a course.
 *
 * @param least how much each time, at least
 * @param most at most, where the label says a range
 * @param unit in what
 * @param times at which hours of a day, 1 to 24 of them
 * @param everyDays on every how many-eth day; each day where left out
 * @param days for how many days, 1 to 365; until it is clear where left out
 * @param mostDays for how many at most, where the label says a range
 * @param toTheMost whether it goes on to the most; no where left out
 */
public record PhaseRequest(
    @NotNull @DecimalMin("0.01") @DecimalMax("200") Double least,
    @Nullable @DecimalMin("0.01") @DecimalMax("200") Double most,
    @NotNull DoseUnit unit,
    @NotNull @Size(min = 1, max = HowOften.MOST_TIMES) List<@NotNull LocalTime> times,
    @Nullable @Min(1) @Max(HowOften.MOST_DAYS) Integer everyDays,
    @Nullable @Min(1) @Max(HowOften.MOST_DAYS) Integer days,
    @Nullable @Min(1) @Max(HowOften.MOST_DAYS) Integer mostDays,
    @Nullable Boolean toTheMost) {

  void check(InvalidFields.Collector errors, String at) {
    errors
        .require(most == null || most >= least, at + ".most", "must not be less than the least")
        .require(
            mostDays == null || (days != null && mostDays > days),
            at + ".mostDays",
            "must be more days than the least")
        .require(
            times.stream().distinct().count() == times.size(),
            at + ".times",
            "must not name an hour twice");
  }

  CoursePhase toCore() {
    return new CoursePhase(
        new DoseAmount(least, most == null ? least : most, unit),
        times,
        everyDays == null ? 1 : everyDays,
        Optional.ofNullable(days),
        Optional.ofNullable(mostDays),
        Boolean.TRUE.equals(toTheMost));
  }
}
