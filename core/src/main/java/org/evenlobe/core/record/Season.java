package org.evenlobe.core.record;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Objects;

/**
 * A part of every year.
 *
 * <p>For example 1 May to 30 September; 1 November to 28 February goes over the turn of the year.
 *
 * @param from its first day
 * @param until its last one; before {@code from} where it goes over the turn of the year
 */
public record Season(YearDay from, YearDay until) {
  /** The whole year. */
  public static final Season ALL_YEAR = new Season(new YearDay(1, 1), new YearDay(12, 31));

  /**
   * A day of every year.
   *
   * @param month 1 to 12
   * @param day 1 to as many as that month may have
   */
  public record YearDay(int month, int day) {

    public YearDay {
      MonthDay.of(month, day);
    }

    MonthDay monthDay() {
      return MonthDay.of(month, day);
    }
  }

  public Season {
    Objects.requireNonNull(from, "from");
    Objects.requireNonNull(until, "until");
  }

  /** Whether a day lies in it. */
  public boolean contains(LocalDate date) {
    MonthDay day = MonthDay.from(date);
    boolean begun = !day.isBefore(from.monthDay());
    boolean over = day.isAfter(until.monthDay());
    return from.monthDay().isAfter(until.monthDay()) ? begun || !over : begun && !over;
  }
}
