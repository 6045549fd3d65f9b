package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.evenlobe.core.record.Exposure;

/** What happened to a dog's ears, and the days on which that wetted them. */
public final class WetLine {
  private final List<Exposure> exposures = new ArrayList<>();
  private static final int WET_DAYS = 3;

  private long[] wet = new long[0];

  void take(Exposure exposure) {
    exposures.add(exposure);
  }

  /** Nothing more is told: the wet days up to today are put in order. */
  void close(LocalDate today) {
    long last = today.toEpochDay();
    int count = 0;
    long[] days = new long[exposures.size()];
    for (Exposure exposure : exposures) {
      if (exposure.kind().isWet()) {
        long end = Math.min(exposure.lastDay().toEpochDay(), last);
        for (long day = exposure.firstDay().toEpochDay(); day <= end; day++) {
          if (count == days.length) {
            days = Arrays.copyOf(days, 2 * count);
          }
          days[count++] = day;
        }
      }
    }
    wet = Arrays.copyOf(days, count);
    Arrays.sort(wet);
  }

  /** Whether it was wet on a day or on one of the two days before. */
  public boolean wasWetLately(LocalDate day) {
    return day.minusDays(WET_DAYS - 1L).datesUntil(day.plusDays(1)).anyMatch(this::isWet);
  }

  /** Whether water is on record for a day. */
  public boolean isWet(LocalDate day) {
    return Arrays.binarySearch(wet, day.toEpochDay()) >= 0;
  }

  /**
   * The days on which water is on record, from the first of the wet days that hang together with
   * that day or a later one. Earlier outings are whole without them.
   */
  public List<LocalDate> days(LocalDate from) {
    int at = Arrays.binarySearch(wet, from.toEpochDay());
    int first = at >= 0 ? at : -at - 1;
    while (first > 0
        && (first == wet.length ? from.toEpochDay() : wet[first]) - wet[first - 1]
            <= Outing.LONGEST_STEP) {
      first--;
    }
    return Arrays.stream(wet, first, wet.length).mapToObj(LocalDate::ofEpochDay).toList();
  }

  /** What is on record of a day or a later one, in the order in which it was said. */
  public List<Exposure> since(LocalDate day) {
    return exposures.stream().filter(exposure -> !exposure.lastDay().isBefore(day)).toList();
  }
}
