package org.evenlobe.core.trial;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.evenlobe.core.record.DietSlip;

/**
 * The clean days of a diet trial (rule DIET_DAYS): a slip and the 13 days after it are not clean,
 * and the trial ends on the day on which the clean days reach its length. For example 56 days from
 * 1 March with a slip on the 10th: the 10th to the 23rd do not count, and it ends on 9 May instead
 * of 25 April. A day counts as soon as it has begun; a slip of that day takes it back.
 */
final class TrialDays {
  /** A slip costs its own day and those after it. */
  static final int SLIP_DAYS = 14;

  private final LocalDate startsOn;
  private final int needed;
  private final TreeMap<LocalDate, Integer> costly = new TreeMap<>();

  TrialDays(LocalDate startsOn, int needed, List<DietSlip> slips) {
    this.startsOn = startsOn;
    this.needed = needed;
    for (DietSlip slip : slips) {
      days(slip).forEach(day -> costly.merge(day, 1, Integer::sum));
    }
  }

  private List<LocalDate> days(DietSlip slip) {
    List<LocalDate> days = new ArrayList<>();
    for (int i = 0; i < SLIP_DAYS; i++) {
      LocalDate day = slip.day().plusDays(i);
      if (!day.isBefore(startsOn)) {
        days.add(day);
      }
    }
    return days;
  }

  /** The days up to one that do not count. */
  List<LocalDate> lost(LocalDate day) {
    return List.copyOf(costly.headMap(day, true).keySet());
  }

  /** How many clean days there are from the first day to one, both included. */
  int clean(LocalDate day) {
    if (day.isBefore(startsOn)) {
      return 0;
    }
    long lost = costly.headMap(day, true).size();
    return (int) (ChronoUnit.DAYS.between(startsOn, day) + 1 - lost);
  }

  /** The day on which the clean days reach the length, if nothing more slips. */
  LocalDate ends() {
    LocalDate day = startsOn;
    int clean = 0;
    while (true) {
      clean += costly.containsKey(day) ? 0 : 1;
      if (clean == needed) {
        return day;
      }
      day = day.plusDays(1);
    }
  }

  /** How many days only that slip costs; what comes after the end costs none. */
  int onlyBy(DietSlip slip) {
    LocalDate ends = ends();
    return (int)
        days(slip).stream().filter(day -> costly.get(day) == 1 && !day.isAfter(ends)).count();
  }
}
