package org.evenlobe.core.remind;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.rule.Figures;

/**
 * What a person is reminded of: one mail a day with all that is due, and each dose at its time
 * while nobody has given it; what falls into quiet hours comes at their end. For example a dose at
 * 6:00 with quiet hours until 6:30 is told at 6:30, unless it was given by then.
 */
public final class Reminders {
  private final ReminderWishes wishes;
  private final ZoneId zone;

  /** By how a person wants it, in the household's zone. */
  public Reminders(ReminderWishes wishes, ZoneId zone) {
    this.wishes = wishes;
    this.zone = zone;
  }

  /**
   * A dose.
   *
   * @param course of which course
   * @param number which
   * @param at when it is due
   * @param subject whose it is and what, in one line
   * @param todo what to do about it
   * @param isOpen whether it is still to be given
   */
  public record DoseTime(
      UUID course, int number, Instant at, String subject, String todo, boolean isOpen) {}

  /**
   * Those that are due after an instant, up to another.
   *
   * @param doses of that time and before, as they stand at its end
   * @param today what is due on the day of its end, a line each; asked for once a day only
   */
  public List<Reminder> due(
      Instant after, Instant until, List<DoseTime> doses, Supplier<List<String>> today) {
    if (!wishes.byMail()) {
      return List.of();
    }
    List<Reminder> due = new ArrayList<>();
    LocalDate day = until.atZone(zone).toLocalDate();
    Instant daily = daily(day);
    List<String> things = isWithin(daily, after, until) ? today.get() : List.of();
    if (!things.isEmpty()) {
      due.add(
          new Reminder(
              "day " + day,
              daily,
              "%s: %s to do".formatted(Quantities.day(day), Figures.count(things.size(), "thing")),
              things));
    }
    if (wishes.doses()) {
      doses.stream()
          .filter(DoseTime::isOpen)
          .map(this::dose)
          .filter(one -> isWithin(one.at(), after, until))
          .forEach(due::add);
    }
    return due.stream().sorted(Comparator.comparing(Reminder::at)).toList();
  }

  /** When to look again: at the next of the day's mail and the doses after an instant. */
  public Optional<Instant> next(Instant after, List<DoseTime> doses) {
    LocalDate today = after.atZone(zone).toLocalDate();
    Stream<Instant> ofDoses =
        wishes.doses() ? doses.stream().map(one -> dose(one).at()) : Stream.of();
    return Stream.concat(Stream.of(daily(today), daily(today.plusDays(1))), ofDoses)
        .filter(at -> wishes.byMail() && at.isAfter(after))
        .min(Comparator.naturalOrder());
  }

  private Instant daily(LocalDate day) {
    return wishes.outOfQuiet(day.atTime(wishes.dailyAt()).atZone(zone).toInstant(), zone);
  }

  private Reminder dose(DoseTime dose) {
    return new Reminder(
        "dose %s %d".formatted(dose.course(), dose.number()),
        wishes.outOfQuiet(dose.at(), zone),
        dose.subject(),
        List.of(dose.todo()));
  }

  private static boolean isWithin(Instant at, Instant after, Instant until) {
    return at.isAfter(after) && !at.isAfter(until);
  }
}
