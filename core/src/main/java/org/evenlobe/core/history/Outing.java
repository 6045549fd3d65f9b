package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * Wet days that count as one: at most a dry day between them, cut after 7 days.
 *
 * <p>For example swims on days 1, 2 and 4 are one outing that ends on day 4.
 *
 * @param first its first wet day
 * @param last its last one
 */
public record Outing(LocalDate first, LocalDate last) {
  /** Trouble that follows water is looked for so many days after the last wet one. */
  public static final List<Integer> WATCHED_AFTER = List.of(7, 10, 14);

  /** Any look within so many days of one of those does. */
  public static final int WATCH_SLACK = 1;

  static final int LONGEST_STEP = 2;
  private static final int MOST_DAYS = 7;

  /** The outings that wet days, oldest first, make. */
  public static List<Outing> of(Collection<LocalDate> wet) {
    List<Outing> outings = new ArrayList<>();
    for (LocalDate day : wet) {
      Outing last = outings.isEmpty() ? null : outings.get(outings.size() - 1);
      if (last != null && last.goesOnOn(day)) {
        outings.set(outings.size() - 1, new Outing(last.first(), day));
      } else {
        outings.add(new Outing(day, day));
      }
    }
    return outings;
  }

  private boolean goesOnOn(LocalDate day) {
    return ChronoUnit.DAYS.between(last, day) <= LONGEST_STEP
        && ChronoUnit.DAYS.between(first, day) < MOST_DAYS;
  }
}
