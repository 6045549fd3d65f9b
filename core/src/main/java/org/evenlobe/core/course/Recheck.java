package org.evenlobe.core.course;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.VisitRecord;

/**
 * The visit that a course ends with (rule COURSE_RECHECK): on the day that the vet named, else in
 * its last three days. An infection that only looks gone comes back: until a vet has seen the dog
 * it stays open. For example a course whose last dose is on the 14th: from the 12th to the 14th.
 *
 * @param earliest its first day
 * @param on its day
 * @param isNamed whether the vet named it
 * @param isDone whether a vet has seen the dog since
 */
public record Recheck(LocalDate earliest, LocalDate on, boolean isNamed, boolean isDone) {
  private static final int LAST_DAYS = 3;
  private static final int OWN_VISIT_DAYS = 7;

  /** That of a course; empty where it was stopped, and where nobody can know its last day. */
  public static Optional<Recheck> of(Course course, DogRecord dog) {
    Optional<CourseEnd> end =
        dog.all(CourseEnd.class).stream()
            .filter(one -> one.course().equals(course.id()))
            .findFirst();
    Optional<LocalDate> named = course.recheck().or(() -> namedByItsVisit(course, dog));
    if (named.isPresent()) {
      return Optional.of(seen(named.get(), true, dog));
    }
    if (end.filter(one -> one.cause() != CourseEnd.Cause.FINISHED).isPresent()) {
      return Optional.empty();
    }
    return end.map(CourseEnd::day)
        .or(() -> DoseSchedule.lastDay(course))
        .map(last -> seen(last, false, dog));
  }

  /** The next visit that the course's own visit names is its recheck. */
  private static Optional<LocalDate> namedByItsVisit(Course course, DogRecord dog) {
    return dog.visits().stream()
        .filter(visit -> !visit.call() && visit.isBy(course.day()))
        .filter(visit -> !visit.day().isBefore(course.day().minusDays(OWN_VISIT_DAYS)))
        .reduce((earlier, later) -> later)
        .flatMap(VisitRecord::next)
        .filter(on -> !on.isBefore(course.startsOn()));
  }

  private static Recheck seen(LocalDate on, boolean isNamed, DogRecord dog) {
    LocalDate earliest = on.minusDays(LAST_DAYS - 1L);
    return new Recheck(
        isNamed ? on : earliest,
        on,
        isNamed,
        dog.visits().stream().anyMatch(visit -> !visit.call() && !visit.day().isBefore(earliest)));
  }
}
