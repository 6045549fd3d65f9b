package org.evenlobe.core.plan.turn;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.course.Waiting;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;

/**
 * When an ear is cleaned that gets a dose on the same day (rule PLAN_VET): the wait before the dose
 * that follows within {@value #FOLLOWS_WITHIN_HOURS} hours; a cleaning without an hour before the
 * first of the day. For example drops at 20 after an hour's wait: cleaned at 19.
 */
final class BeforeDoses {
  private static final int FOLLOWS_WITHIN_HOURS = 4;

  private final List<DoseAt> doses;

  private BeforeDoses(List<DoseAt> doses) {
    this.doses = doses;
  }

  /** A dose of that ear, and how long it waits after a cleaning. */
  private record DoseAt(LocalTime at, int minutes) {}

  /**
   * When it is cleaned.
   *
   * @param at when
   * @param words for which dose
   */
  record Slot(LocalTime at, String words) {}

  /** The doses of an ear on a day. */
  static BeforeDoses of(Situation now, Side side, LocalDate day) {
    List<DoseAt> doses = new ArrayList<>();
    for (Course course : now.dog().all(Course.class)) {
      if (course.ears().contains(side) && course.isBy(now.today()) && isOn(now, course, day)) {
        int wait = Waiting.minutes(course, now.medicineWait());
        DoseSchedule.of(course, course.moment().zone(), day).doses().stream()
            .filter(dose -> dose.local().toLocalDate().equals(day))
            .forEach(dose -> doses.add(new DoseAt(dose.local().toLocalTime(), wait)));
      }
    }
    doses.sort(Comparator.comparing(DoseAt::at));
    return new BeforeDoses(doses);
  }

  private static boolean isOn(Situation now, Course course, LocalDate day) {
    boolean ended =
        now.dog().all(CourseEnd.class).stream()
            .anyMatch(end -> end.course().equals(course.id()) && now.hasHappened(end));
    return !ended && new UnderCourse(course, DoseSchedule.lastDay(course)).isOn(day);
  }

  /**
   * The wait before the dose that follows; empty where none does.
   *
   * @param hour about when it is cleaned, where that was said
   */
  Optional<Slot> slot(Optional<LocalTime> hour) {
    return doses.stream()
        .filter(dose -> hour.map(at -> follows(at, dose.at())).orElse(true))
        .findFirst()
        .map(
            dose ->
                new Slot(
                    before(dose.at(), dose.minutes()),
                    " Before the dose of %s: clean, wait, then the dose."
                        .formatted(clock(dose.at()))));
  }

  private static boolean follows(LocalTime cleaned, LocalTime dose) {
    return !dose.isBefore(cleaned)
        && Duration.between(cleaned, dose).toHours() < FOLLOWS_WITHIN_HOURS;
  }

  /** What is asked where it would follow a dose too soon: it rinses out what was given. */
  Optional<String> tooSoonAfter(Optional<LocalTime> hour) {
    return hour.flatMap(
        at ->
            doses.stream()
                .filter(dose -> dose.at().isBefore(at) && follows(dose.at(), at))
                .reduce((earlier, later) -> later)
                .map(
                    dose ->
                        " It would rinse out the dose of %s: ask your vet which comes first."
                            .formatted(clock(dose.at()))));
  }

  /** So many minutes before, on the same day. */
  static LocalTime before(LocalTime dose, int minutes) {
    long since = Duration.between(LocalTime.MIN, dose).toMinutes();
    return minutes > since ? LocalTime.MIN : dose.minusMinutes(minutes);
  }

  private static String clock(LocalTime time) {
    return "%d:%02d".formatted(time.getHour(), time.getMinute());
  }
}
