package org.evenlobe.core.record;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;

/**
 * Something that happens to a dog's ears on the same weekdays, in a part of the year.
 *
 * <p>For example a swim on Wednesdays and Saturdays from May to September.
 *
 * @param id its id
 * @param moment when it was said
 * @param kind what happens
 * @param weekdays on which days of the week, one at least
 * @param season in which part of the year
 */
public record ExpectedExposure(
    UUID id, Moment moment, ExposureKind kind, Set<DayOfWeek> weekdays, Season season)
    implements ReadFact {

  public ExpectedExposure {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(kind, "kind");
    Objects.requireNonNull(season, "season");
    weekdays = Set.copyOf(weekdays);
    if (weekdays.isEmpty()) {
      throw new IllegalArgumentException("one weekday at least");
    }
  }

  /** Whether it is expected on a day. */
  public boolean fallsOn(LocalDate date) {
    return !date.isBefore(day()) && weekdays.contains(date.getDayOfWeek()) && season.contains(date);
  }
}
