package org.evenlobe.core.record;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import java.util.Optional;

/**
 * The fixed rhythm in which a household does nails, bath and brushing, with the ears after them.
 *
 * <p>For example every 14 days, counted from a Saturday: every other Saturday.
 *
 * @param from one of its days
 * @param everyDays how often, {@value #FEWEST_DAYS} to {@value #MOST_DAYS} days
 */
public record GroomingRhythm(LocalDate from, int everyDays) {
  /** The shortest rhythm. */
  public static final int FEWEST_DAYS = 7;

  /** The longest one. */
  public static final int MOST_DAYS = 84;

  public GroomingRhythm {
    Objects.requireNonNull(from, "from");
    if (everyDays < FEWEST_DAYS || everyDays > MOST_DAYS) {
      throw new IllegalArgumentException("7 to 84 days, not " + everyDays);
    }
  }

  /** Its day within those two that is nearest to a third; the earlier of two as near. */
  public Optional<LocalDate> nearest(LocalDate earliest, LocalDate best, LocalDate latest) {
    long past = Math.floorMod(ChronoUnit.DAYS.between(from, best), (long) everyDays);
    LocalDate before = best.minusDays(past);
    LocalDate after = before.plusDays(everyDays);
    boolean early = !before.isBefore(earliest) && !before.isAfter(latest);
    boolean late = !after.isBefore(earliest) && !after.isAfter(latest);
    if (early && (!late || past <= everyDays - past)) {
      return Optional.of(before);
    }
    return late ? Optional.of(after) : Optional.empty();
  }
}
