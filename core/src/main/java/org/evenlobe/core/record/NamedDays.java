package org.evenlobe.core.record;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The days on which ears are cleaned by the calendar, whatever came before: a weekday of every or
 * of every second week, or days of the month.
 *
 * <p>For example the 1st and the 15th. The 31st is the last day of a shorter month.
 *
 * @param weekday the day of the week; empty where days of the month are named
 * @param everyWeeks of every week, 1, or of every second, 2
 * @param from one of those days, by which every second week is told
 * @param daysOfMonth the days of the month, 1 to 31; empty where a weekday is named
 */
public record NamedDays(
    Optional<DayOfWeek> weekday, int everyWeeks, LocalDate from, Set<Integer> daysOfMonth) {
  /** Two of them lie so many days apart at least. */
  public static final int FEWEST_APART = CleaningGuard.DAYS;

  private static final int LAST = 31;
  private static final int SHORTEST_MONTH = 28;
  private static final int DAYS_IN_WEEK = 7;

  public NamedDays {
    Objects.requireNonNull(weekday, "weekday");
    Objects.requireNonNull(from, "from");
    daysOfMonth = Set.copyOf(daysOfMonth);
    if (weekday.isPresent() != daysOfMonth.isEmpty()) {
      throw new IllegalArgumentException("a weekday or days of the month");
    }
    if (everyWeeks < 1 || everyWeeks > 2 || daysOfMonth.stream().anyMatch(d -> d < 1 || d > LAST)) {
      throw new IllegalArgumentException("every " + everyWeeks + " weeks, " + daysOfMonth);
    }
    if (!areApart(daysOfMonth)) {
      throw new IllegalArgumentException(daysOfMonth + " are less than 5 days apart");
    }
  }

  /** That weekday of every week. */
  public static NamedDays weekly(DayOfWeek day) {
    return new NamedDays(Optional.of(day), 1, LocalDate.EPOCH, Set.of());
  }

  /** The weekday of that day, every second week. */
  public static NamedDays everySecondWeek(LocalDate from) {
    return new NamedDays(Optional.of(from.getDayOfWeek()), 2, from, Set.of());
  }

  /** Those days of each month. */
  public static NamedDays monthly(Set<Integer> days) {
    return new NamedDays(Optional.empty(), 1, LocalDate.EPOCH, days);
  }

  /** Whether days of the month lie at least 5 days apart, over the end of a short month too. */
  public static boolean areApart(Set<Integer> days) {
    List<Integer> inOrder =
        days.stream().map(day -> Math.min(day, SHORTEST_MONTH)).sorted().toList();
    for (int i = 0; i < inOrder.size(); i++) {
      int next = i + 1 < inOrder.size() ? inOrder.get(i + 1) : inOrder.get(0) + SHORTEST_MONTH;
      if (next - inOrder.get(i) < FEWEST_APART) {
        return false;
      }
    }
    return true;
  }

  /** Whether a day is one of them. */
  public boolean contains(LocalDate day) {
    if (weekday.isPresent()) {
      LocalDate anchor = from.with(TemporalAdjusters.nextOrSame(weekday.get()));
      return day.getDayOfWeek() == weekday.get()
          && ChronoUnit.WEEKS.between(anchor, day) % everyWeeks == 0;
    }
    boolean isLast = day.getDayOfMonth() == day.lengthOfMonth();
    return daysOfMonth.stream()
        .anyMatch(named -> named == day.getDayOfMonth() || (isLast && named > day.getDayOfMonth()));
  }

  /** The first of them after a day. */
  public LocalDate after(LocalDate day) {
    LocalDate next = day.plusDays(1);
    while (!contains(next)) {
      next = next.plusDays(1);
    }
    return next;
  }

  /** The last of them before a day. */
  public LocalDate before(LocalDate day) {
    LocalDate earlier = day.minusDays(1);
    while (!contains(earlier)) {
      earlier = earlier.minusDays(1);
    }
    return earlier;
  }

  /** The fewest days between two of them, about that one. */
  public int gapAbout(LocalDate day) {
    return (int)
        Math.min(
            ChronoUnit.DAYS.between(before(day), day), ChronoUnit.DAYS.between(day, after(day)));
  }

  /** How often that is, at the shortest. */
  public int shortestGap() {
    return weekday.isPresent()
        ? everyWeeks * DAYS_IN_WEEK
        : daysOfMonth.stream()
            .mapToInt(day -> gapAbout(after(LocalDate.EPOCH.plusDays(day))))
            .min()
            .orElseThrow();
  }

  /** The days in words: "every second Saturday", "the 1st and the 15th". */
  public String words() {
    return weekday
        .map(
            day ->
                (everyWeeks == 1 ? "every " : "every second ")
                    + day.getDisplayName(TextStyle.FULL, Locale.ENGLISH))
        .orElseGet(
            () ->
                new TreeSet<>(daysOfMonth)
                    .stream().map(NamedDays::ordinal).collect(Collectors.joining(" and ")));
  }

  private static String ordinal(int day) {
    String end =
        day / 10 == 1
            ? "th"
            : switch (day % 10) {
              case 1 -> "st";
              case 2 -> "nd";
              case 3 -> "rd";
              default -> "th";
            };
    return "the " + day + end;
  }
}
