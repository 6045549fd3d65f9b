package org.evenlobe.core.remind;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Objects;
import java.util.Optional;

/**
 * How one person wants to be reminded.
 *
 * @param byMail whether by mail at all
 * @param doses whether of each dose at its time, beside the one mail a day
 * @param dailyAt when that one comes
 * @param quiet when nothing comes, where there are such hours
 */
public record ReminderWishes(
    boolean byMail, boolean doses, LocalTime dailyAt, Optional<Quiet> quiet) {
  /** One mail a day in the morning, and each dose at its time. */
  public static final ReminderWishes DEFAULT =
      new ReminderWishes(
          false,
          true,
          LocalTime.of(7, 30),
          Optional.of(new Quiet(LocalTime.of(22, 0), LocalTime.of(6, 30))));

  /**
   * Hours of a day in which nothing comes; they may go over midnight.
   *
   * @param from from when
   * @param until until when
   */
  public record Quiet(LocalTime from, LocalTime until) {

    public Quiet {
      Objects.requireNonNull(from, "from");
      Objects.requireNonNull(until, "until");
    }

    /** Whether a time of day lies in them; its end does not. */
    boolean covers(LocalTime time) {
      return from.isBefore(until)
          ? !time.isBefore(from) && time.isBefore(until)
          : !from.equals(until) && (!time.isBefore(from) || time.isBefore(until));
    }
  }

  public ReminderWishes {
    Objects.requireNonNull(dailyAt, "dailyAt");
    Objects.requireNonNull(quiet, "quiet");
  }

  /** The same instant, or the end of the quiet hours that it lies in. */
  Instant outOfQuiet(Instant at, ZoneId zone) {
    LocalTime time = at.atZone(zone).toLocalTime();
    Optional<Quiet> in = quiet.filter(hours -> hours.covers(time));
    if (in.isEmpty()) {
      return at;
    }
    LocalDate day = at.atZone(zone).toLocalDate();
    LocalDate end = time.isBefore(in.get().until()) ? day : day.plusDays(1);
    return end.atTime(in.get().until()).atZone(zone).toInstant();
  }
}
