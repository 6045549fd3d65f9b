package org.evenlobe.core.record;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;

/**
 * How many cleanings fit into the days of a household.
 *
 * @param byWeekday how many on each day of the week, Monday first, 0 to {@value #MOST}
 * @param helperDays the days of the week on which two people are there; none where that is no
 *     matter
 * @param daysOff days on which nothing is done
 * @param counts what takes room besides cleanings
 */
public record Capacity(
    List<Integer> byWeekday, Set<DayOfWeek> helperDays, Set<LocalDate> daysOff, Set<Hands> counts) {
  /** The most that fit into a day. */
  public static final int MOST = 50;

  private static final int WEEKDAYS = 7;

  public Capacity {
    byWeekday = List.copyOf(byWeekday);
    helperDays = Set.copyOf(helperDays);
    daysOff = Set.copyOf(daysOff);
    counts = Set.copyOf(counts);
    if (byWeekday.size() != WEEKDAYS || byWeekday.stream().anyMatch(n -> n < 0 || n > MOST)) {
      throw new IllegalArgumentException("0 to 50 for each of 7 weekdays, not " + byWeekday);
    }
  }

  /** How many cleanings fit into a day. */
  public int on(LocalDate day) {
    return daysOff.contains(day) ? 0 : byWeekday.get(day.getDayOfWeek().getValue() - 1);
  }

  /** Whether a dog that takes two can be cleaned on a day. */
  public boolean hasHelper(LocalDate day) {
    return helperDays.isEmpty() || helperDays.contains(day.getDayOfWeek());
  }
}
