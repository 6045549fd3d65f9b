package org.evenlobe.core.record;

import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One phase of a course, such as 8 drops twice a day for 7 days.
 *
 * @param amount how much each time
 * @param times at which hours of a day that it falls on, earliest first
 * @param everyDays on every how many-eth day; 1 is each day
 * @param days for how many days at least; empty where the label says "until it is clear"
 * @param mostDays for how many at most, where the label says a range
 * @param toTheMost whether it goes on to the most, as somebody said on its last planned day
 */
public record CoursePhase(
    DoseAmount amount,
    List<LocalTime> times,
    int everyDays,
    Optional<Integer> days,
    Optional<Integer> mostDays,
    boolean toTheMost) {
  private static final Duration A_DAY = Duration.ofDays(1);

  public CoursePhase {
    Objects.requireNonNull(amount, "amount");
    Objects.requireNonNull(days, "days");
    Objects.requireNonNull(mostDays, "mostDays");
    times = times.stream().sorted().distinct().toList();
    if (times.isEmpty() || everyDays < 1 || days.filter(n -> n < 1).isPresent()) {
      throw new IllegalArgumentException("a phase has a time of day, and a day at least");
    }
  }

  /** So much at those hours of each day, for so many days. */
  public static CoursePhase of(DoseAmount amount, List<LocalTime> times, int days) {
    return new CoursePhase(amount, times, 1, Optional.of(days), Optional.empty(), false);
  }

  /** Whether it has no end of its own. */
  public boolean isOpen() {
    return days.isEmpty();
  }

  /** Whether it may go on for longer, and nobody has said yet that it does. */
  public boolean mayGoOn() {
    return !toTheMost && mostDays.isPresent();
  }

  /** The same where it goes on to the most that was said. */
  public CoursePhase asLongAsMayBe() {
    return new CoursePhase(amount, times, everyDays, days, mostDays, true);
  }

  /** How many doses it has; empty where it has no end. */
  public Optional<Integer> doses() {
    Optional<Integer> planned = toTheMost ? mostDays.or(() -> days) : days;
    return planned.map(n -> (n + everyDays - 1) / everyDays * times.size());
  }

  /** The shortest time between two of its doses, by the clock on the wall. */
  public Duration smallestGap() {
    LocalTime first = times.get(0);
    LocalTime last = times.get(times.size() - 1);
    Duration smallest = A_DAY.multipliedBy(everyDays).minus(Duration.between(first, last));
    for (int i = 1; i < times.size(); i++) {
      Duration gap = Duration.between(times.get(i - 1), times.get(i));
      smallest = gap.compareTo(smallest) < 0 ? gap : smallest;
    }
    return smallest;
  }
}
