package org.evenlobe.core.record;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How often a vet wants an ear cleaned. For example twice a day is at 8 and at 20.
 *
 * @param kind how it is counted
 * @param number how many times a day or a week, or every how many days; 1 for the others
 * @param weekdays the named ones; none for the others
 * @param most up to how many times a week it is as ordered; the number for the others
 */
public record HowOften(Kind kind, int number, Set<DayOfWeek> weekdays, int most) {
  /** The most that may be said of a day. */
  public static final int MOST_TIMES = 24;

  /** The longest interval that may be said. */
  public static final int MOST_DAYS = 365;

  private static final int DAYS_IN_A_WEEK = 7;
  private static final int MINUTES = 60;

  /** When what is given in the morning is given. */
  public static final LocalTime MORNING = LocalTime.of(8, 0);

  /** When what is given in the evening is given. */
  public static final LocalTime EVENING = LocalTime.of(20, 0);

  private static final LocalTime FIRST = LocalTime.of(7, 0);
  private static final LocalTime LAST = LocalTime.of(22, 0);

  /** How it is counted. */
  public enum Kind {
    /** So many times on each day. */
    TIMES_A_DAY,
    /** Every so many days. */
    EVERY_DAYS,
    /** So many times a week, or up to so many: planned evenly by the fewer. */
    TIMES_A_WEEK,
    /** On named weekdays. */
    WEEKDAYS,
    /** Once, until it is done. */
    ONCE
  }

  public HowOften {
    EnumSet<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
    days.addAll(weekdays);
    weekdays = Collections.unmodifiableSet(days);
    int highest = highest(kind);
    if (number < 1 || number > highest) {
      throw new IllegalArgumentException("1 to " + highest + ", not " + number);
    }
    if (most < number || most > highest || (kind != Kind.TIMES_A_WEEK && most != number)) {
      throw new IllegalArgumentException(number + " to " + most + " is no range of " + kind);
    }
    if ((kind == Kind.WEEKDAYS) == weekdays.isEmpty()) {
      throw new IllegalArgumentException("weekdays are named where it goes by them");
    }
  }

  /** One that is no range. */
  public HowOften(Kind kind, int number, Set<DayOfWeek> weekdays) {
    this(kind, number, weekdays, number);
  }

  /** The highest number that may be said of a kind. */
  public static int highest(Kind kind) {
    return switch (kind) {
      case TIMES_A_DAY -> MOST_TIMES;
      case EVERY_DAYS -> MOST_DAYS;
      case TIMES_A_WEEK -> DAYS_IN_A_WEEK;
      case WEEKDAYS, ONCE -> 1;
    };
  }

  /** So many times a week, up to so many. */
  public static HowOften timesAWeek(int least, int most) {
    return new HowOften(Kind.TIMES_A_WEEK, least, Set.of(), most);
  }

  /** So many times on each day. */
  public static HowOften timesADay(int times) {
    return new HowOften(Kind.TIMES_A_DAY, times, Set.of());
  }

  /** Every so many days. */
  public static HowOften everyDays(int days) {
    return new HowOften(Kind.EVERY_DAYS, days, Set.of());
  }

  /** On those days of the week. */
  public static HowOften on(Set<DayOfWeek> weekdays) {
    return new HowOften(Kind.WEEKDAYS, 1, weekdays);
  }

  /** Once. */
  public static HowOften once() {
    return new HowOften(Kind.ONCE, 1, Set.of());
  }

  /** How many times on a day that it falls on. */
  public int timesOnADay() {
    return kind == Kind.TIMES_A_DAY ? number : 1;
  }

  /** The shortest gap between two of them, days; as long as may be said where there is but one. */
  public int shortestGap() {
    return switch (kind) {
      case TIMES_A_DAY -> 1;
      case EVERY_DAYS -> number;
      case TIMES_A_WEEK -> DAYS_IN_A_WEEK / number;
      case ONCE -> MOST_DAYS;
      case WEEKDAYS -> shortestGapOfWeek();
    };
  }

  private int shortestGapOfWeek() {
    List<DayOfWeek> days = new ArrayList<>(weekdays);
    int shortest = DAYS_IN_A_WEEK;
    for (int i = 0; i < days.size(); i++) {
      int next = days.get((i + 1) % days.size()).getValue();
      int gap = (next - days.get(i).getValue() + DAYS_IN_A_WEEK - 1) % DAYS_IN_A_WEEK + 1;
      shortest = Math.min(shortest, gap);
    }
    return shortest;
  }

  /**
   * Whether it falls on a day.
   *
   * @param counted the day from which every so many days are counted
   */
  public boolean fallsOn(LocalDate day, LocalDate counted) {
    return switch (kind) {
      case TIMES_A_DAY, ONCE -> true;
      case EVERY_DAYS -> (day.toEpochDay() - counted.toEpochDay()) % number == 0;
      case TIMES_A_WEEK ->
          fallsEvenly((int) Math.floorMod(day.toEpochDay() - counted.toEpochDay(), 7L));
      case WEEKDAYS -> weekdays.contains(day.getDayOfWeek());
    };
  }

  /**
   * Whether one of those spread evenly over a week, the first on its first day, falls on its nth.
   */
  private boolean fallsEvenly(int nth) {
    return nth == 0 || nth * number / DAYS_IN_A_WEEK > (nth - 1) * number / DAYS_IN_A_WEEK;
  }

  /** At which hours of a day; none where once a day will do at any. */
  public List<LocalTime> hours() {
    int times = timesOnADay();
    if (times == 1) {
      return List.of();
    }
    if (times == 2) {
      return List.of(MORNING, EVENING);
    }
    int span = (LAST.getHour() - FIRST.getHour()) * MINUTES;
    List<LocalTime> hours = new ArrayList<>();
    for (int i = 0; i < times; i++) {
      hours.add(FIRST.plusMinutes(Math.round((double) span * i / (times - 1))));
    }
    return hours;
  }

  /** As it stands in a sentence: "twice a day", "every 3 days", "on Monday and Thursday". */
  public String words() {
    return switch (kind) {
      case TIMES_A_DAY ->
          number == 1 ? "once a day" : number == 2 ? "twice a day" : number + " times a day";
      case EVERY_DAYS -> number == 1 ? "every day" : "every " + number + " days";
      case TIMES_A_WEEK ->
          (most > number
                  ? number + " to " + most
                  : number == 1 ? "once" : number == 2 ? "twice" : number)
              + (most == number && number <= 2 ? " a week" : " times a week");
      case WEEKDAYS ->
          "on "
              + weekdays.stream()
                  .map(day -> day.getDisplayName(TextStyle.FULL, Locale.ENGLISH))
                  .collect(Collectors.joining(" and "));
      case ONCE -> "once";
    };
  }
}
