package org.evenlobe.server.course;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * How often something is done; one of the three.
 *
 * @param timesADay so many times a day
 * @param everyDays every so many days
 * @param weekdays on those days of the week
 */
public record HowOftenRequest(
    @Nullable @Min(1) @Max(HowOften.MOST_TIMES) Integer timesADay,
    @Nullable @Min(1) @Max(HowOften.MOST_DAYS) Integer everyDays,
    @Nullable @Size(min = 1, max = 7) Set<@NotNull DayOfWeek> weekdays) {

  /** The ways in which it is said. */
  List<HowOften> ways() {
    List<HowOften> ways = new ArrayList<>();
    if (timesADay != null) {
      ways.add(HowOften.timesADay(timesADay));
    }
    if (everyDays != null) {
      ways.add(HowOften.everyDays(everyDays));
    }
    if (weekdays != null) {
      ways.add(HowOften.on(weekdays));
    }
    return ways;
  }

  void check(InvalidFields.Collector errors) {
    errors.require(ways().size() == 1, "howOften", "says how often in one way");
  }

  HowOften toCore() {
    return ways().get(0);
  }
}
