package org.evenlobe.core.course;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CoursePhase;

/**
 * Every dose of a course with its local time (rule COURSE_DOSES).
 *
 * <p>A phase of N days at k a day is N · k doses, also where it begins in the evening; the next
 * phase begins at its first time of day at least half its smallest gap after the dose before. A
 * local time that does not exist moves on by the gap in the clock; one that comes twice is the
 * earlier. For example 8 drops twice a day for 7 days, then once a day for 7, begun in the evening
 * of the first: doses 1 to 14 are from that evening to the morning of the eighth, dose 15 is on the
 * morning of the ninth.
 */
public final class DoseSchedule {
  private static final double ON_TIME = 0.25;
  private static final Duration A_DAY = Duration.ofDays(1);

  private final List<Dose> doses;

  private DoseSchedule(List<Dose> doses) {
    this.doses = List.copyOf(doses);
  }

  /**
   * The doses of a course.
   *
   * @param until up to which day those of a phase without an end are told
   */
  public static DoseSchedule of(Course course, ZoneId zone, LocalDate until) {
    List<Dose> doses = new ArrayList<>();
    LocalDate day = course.startsOn();
    int slot = course.firstSlot();
    for (int i = 0; i < course.phases().size(); i++) {
      CoursePhase phase = course.phases().get(i);
      if (!doses.isEmpty()) {
        LocalDateTime first = firstAfter(doses.get(doses.size() - 1), phase, zone);
        day = first.toLocalDate();
        slot = phase.times().indexOf(first.toLocalTime());
      }
      add(doses, phase, i + 1, day, slot, zone, until);
    }
    return new DoseSchedule(doses);
  }

  /** The day of a course's last dose, by the zone it was written down in; empty without an end. */
  public static Optional<LocalDate> lastDay(Course course) {
    if (course.isOpen()) {
      return Optional.empty();
    }
    List<Dose> doses = of(course, course.moment().zone(), course.startsOn()).doses();
    return Optional.of(doses.get(doses.size() - 1).local().toLocalDate());
  }

  private static LocalDateTime firstAfter(Dose before, CoursePhase phase, ZoneId zone) {
    Instant earliest = before.at().plus(phase.smallestGap().dividedBy(2));
    LocalDate day = before.local().toLocalDate();
    while (true) {
      for (LocalTime time : phase.times()) {
        if (!instant(day.atTime(time), zone).isBefore(earliest)) {
          return day.atTime(time);
        }
      }
      day = day.plusDays(1);
    }
  }

  private static void add(
      List<Dose> doses,
      CoursePhase phase,
      int number,
      LocalDate firstDay,
      int firstSlot,
      ZoneId zone,
      LocalDate until) {
    Optional<Integer> count = phase.doses();
    LocalDate day = firstDay;
    int slot = firstSlot;
    int made = 0;
    while (count.map(all -> true).orElse(!day.isAfter(until)) && made < count.orElse(MOST)) {
      LocalDateTime local = day.atTime(phase.times().get(slot));
      doses.add(new Dose(doses.size() + 1, number, local, instant(local, zone), phase.amount()));
      made++;
      slot++;
      if (slot == phase.times().size()) {
        slot = 0;
        day = day.plusDays(phase.everyDays());
      }
    }
  }

  /** More doses than any course has. */
  private static final int MOST = 100_000;

  private static Instant instant(LocalDateTime local, ZoneId zone) {
    return local.atZone(zone).toInstant();
  }

  /** All doses, the first first. */
  public List<Dose> doses() {
    return doses;
  }

  /** How many there are. */
  public int size() {
    return doses.size();
  }

  /**
   * The time to the dose after one, else from the one before it; a day where it is the only one.
   */
  private Duration after(int index) {
    return index + 1 < doses.size() ? between(index) : index > 0 ? between(index - 1) : A_DAY;
  }

  /**
   * The time from the dose before one, else to the one after it; a day where it is the only one.
   */
  private Duration before(int index) {
    return index > 0 ? between(index - 1) : after(0);
  }

  private Duration between(int index) {
    return Duration.between(doses.get(index).at(), doses.get(index + 1).at());
  }

  /**
   * When a dose is on time (rule COURSE_ON_TIME): within a quarter of the time to its neighbour,
   * the next if late, the last if early; at twice a day 3 hours either way. Once the next is nearer
   * it is missed.
   *
   * @param from from when
   * @param until until when
   * @param missedAfter after which instant it is missed
   */
  public record Span(Instant from, Instant until, Instant missedAfter) {}

  /** When a dose is on time. */
  public Span span(Dose dose) {
    int index = dose.number() - 1;
    return new Span(
        dose.at().minus(part(before(index), ON_TIME)),
        dose.at().plus(part(after(index), ON_TIME)),
        dose.at().plus(after(index).dividedBy(2)));
  }

  private static Duration part(Duration whole, double share) {
    return Duration.ofMillis(Math.round(whole.toMillis() * share));
  }

  /** The dose to which a giving belongs: the nearest; none once the last is missed. */
  public Optional<Dose> of(Instant given) {
    int low = 0;
    int high = doses.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (doses.get(middle).at().isAfter(given)) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    if (doses.isEmpty()) {
      return Optional.empty();
    }
    if (low == 0) {
      return Optional.of(doses.get(0));
    }
    Dose earlier = doses.get(low - 1);
    if (low == doses.size()) {
      return given.isAfter(span(earlier).missedAfter()) ? Optional.empty() : Optional.of(earlier);
    }
    Dose later = doses.get(low);
    Duration since = Duration.between(earlier.at(), given);
    Duration to = Duration.between(given, later.at());
    return Optional.of(to.compareTo(since) < 0 ? later : earlier);
  }
}
