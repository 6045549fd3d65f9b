package org.evenlobe.core.course;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.HowOften;

/**
 * The course of medicine that an ear is under, as its cleanings go by it (rule COURSE_CLEANS): from
 * its first day to that of its last dose they follow the course, not the learned plan. Of several,
 * the one that says something of cleaning; then the one that lasts longest.
 *
 * @param course which
 * @param until the day of its last dose; empty where it has no end
 */
public record UnderCourse(Course course, Optional<LocalDate> until) {

  /** What an ear is under on a day. */
  public static Optional<UnderCourse> of(DogRecord dog, Side side, LocalDate day) {
    return dog.all(Course.class).stream()
        .filter(course -> course.ears().contains(side) && course.isBy(day))
        .filter(course -> !course.startsOn().isAfter(day) && !isEnded(course, dog, day))
        .map(course -> new UnderCourse(course, DoseSchedule.lastDay(course)))
        .filter(one -> one.until().map(last -> !last.isBefore(day)).orElse(true))
        .max(
            Comparator.comparing(UnderCourse::cleans)
                .thenComparing(one -> one.until().orElse(LocalDate.MAX)));
  }

  private static boolean isEnded(Course course, DogRecord dog, LocalDate day) {
    return dog.all(CourseEnd.class).stream()
        .anyMatch(end -> end.course().equals(course.id()) && end.isBy(day));
  }

  /** Whether its ear is cleaned for it. */
  public boolean cleans() {
    return course.cleanBefore().kind() != CleanBefore.Kind.NEVER;
  }

  /** Whether it is given on a day. */
  public boolean isOn(LocalDate day) {
    return until.map(last -> !day.isAfter(last)).orElse(true);
  }

  /**
   * How many cleanings a day has by it, as the doses before which they are told; of one that is
   * before no dose of its own, none.
   */
  public List<Optional<LocalTime>> cleanings(LocalDate day) {
    List<Optional<LocalTime>> doses =
        DoseSchedule.of(course, course.moment().zone(), day).doses().stream()
            .filter(dose -> dose.local().toLocalDate().equals(day))
            .map(dose -> Optional.of(dose.local().toLocalTime()))
            .toList();
    return switch (course.cleanBefore().kind()) {
      case NEVER -> List.of();
      case EACH_DOSE -> doses;
      case UNTIL_CLEAN -> doses.stream().limit(1).toList();
      case SO_OFTEN -> soOften(course.cleanBefore().howOften().orElseThrow(), day, doses);
    };
  }

  private List<Optional<LocalTime>> soOften(
      HowOften often, LocalDate day, List<Optional<LocalTime>> doses) {
    if (!often.fallsOn(day, course.startsOn())) {
      return List.of();
    }
    int times = often.timesOnADay();
    return times == doses.size() || (times == 1 && !doses.isEmpty())
        ? doses.subList(0, times)
        : often.hours().isEmpty()
            ? List.of(Optional.empty())
            : often.hours().stream().map(Optional::of).toList();
  }
}
