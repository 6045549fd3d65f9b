package org.evenlobe.server.course;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * Whether an ear is cleaned before its medicine; one of the last three for SO_OFTEN.
 *
 * @param kind by what
 * @param timesADay so many times a day
 * @param everyDays every so many days
 * @param weekdays on those days of the week
 */
record CleanBeforeRequest(
    @NotNull CleanBefore.Kind kind,
    @Nullable @Min(1) @Max(HowOften.MOST_TIMES) Integer timesADay,
    @Nullable @Min(1) @Max(HowOften.MOST_DAYS) Integer everyDays,
    @Nullable @Size(min = 1, max = 7) Set<@NotNull DayOfWeek> weekdays) {

  private List<HowOften> ways() {
    return new HowOftenRequest(timesADay, everyDays, weekdays).ways();
  }

  void check(InvalidFields.Collector errors) {
    errors.require(
        ways().size() == (kind == CleanBefore.Kind.SO_OFTEN ? 1 : 0),
        "cleanBefore",
        "says how often in one way, for SO_OFTEN only");
  }

  CleanBefore toCore() {
    Optional<HowOften> howOften = ways().stream().findFirst();
    return new CleanBefore(kind, howOften);
  }
}
