package org.evenlobe.core.course;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Told;

/**
 * What others told of doses, and what a vet put in (rule COURSE_TOLD): a giving by that name where
 * its time lies in the on-time span of a dose that nobody ticked, and there is but one course that
 * it can be of; else it is said beside the nearest dose. For example drops at 8, ticked by nobody,
 * and a sitter who gave the medicine at 8:40: given by the sitter.
 *
 * @param givings those that count
 * @param perhaps those that may have been one
 */
record ToldGivings(List<Giving> givings, List<PerhapsGiven> perhaps) {
  /** None. */
  static final ToldGivings NONE = new ToldGivings(List.of(), List.of());

  ToldGivings {
    givings = List.copyOf(givings);
    perhaps = List.copyOf(perhaps);
  }

  /** Those of a course. */
  static ToldGivings of(
      Course course, DogRecord dog, DoseSchedule schedule, List<Giving> ticks, Instant now) {
    List<Giving> givings = new ArrayList<>();
    List<PerhapsGiven> perhaps = new ArrayList<>();
    for (Told told : dog.all(Told.class)) {
      Optional<Instant> gave =
          told.gave().filter(at -> !at.isAfter(now) && isAbout(course, schedule, at));
      if (gave.isPresent()) {
        boolean isIt =
            isOnly(course, dog, told) && isOnTime(gave.get(), schedule, course, ticks, givings);
        if (isIt) {
          givings.add(giving(told, course, gave.get()));
        } else {
          perhaps.add(new PerhapsGiven(told.by(), gave.get()));
        }
      }
    }
    course
        .asked()
        .byVetOn()
        .flatMap(on -> byVet(course, schedule, on))
        .filter(one -> ticks.stream().noneMatch(Giving::given))
        .ifPresent(givings::add);
    return new ToldGivings(givings, perhaps);
  }

  /** Whether a course is given about that time at all. */
  private static boolean isAbout(Course course, DoseSchedule schedule, Instant at) {
    LocalDate day = at.atZone(course.moment().zone()).toLocalDate();
    return !day.isBefore(course.startsOn()) && schedule.of(at).isPresent();
  }

  /** Whether no other course was given then: nobody said which medicine it was. */
  private static boolean isOnly(Course course, DogRecord dog, Told told) {
    return dog.all(Course.class).stream()
        .filter(other -> !other.id().equals(course.id()))
        .filter(other -> !other.startsOn().isAfter(told.day()))
        .filter(
            other ->
                DoseSchedule.lastDay(other).map(last -> !last.isBefore(told.day())).orElse(true))
        .noneMatch(
            other ->
                dog.all(CourseEnd.class).stream()
                    .noneMatch(
                        end -> end.course().equals(other.id()) && !end.at().isAfter(told.at())));
  }

  private static boolean isOnTime(
      Instant at, DoseSchedule schedule, Course course, List<Giving> ticks, List<Giving> told) {
    Optional<Dose> dose = schedule.of(at);
    boolean inSpan =
        dose.map(schedule::span)
            .filter(span -> !at.isBefore(span.from()) && !at.isAfter(span.until()))
            .isPresent();
    return inSpan
        && Stream.concat(ticks.stream(), told.stream())
            .filter(one -> one.course().equals(course.id()))
            .noneMatch(
                one -> schedule.of(one.at()).map(Dose::number).equals(dose.map(Dose::number)));
  }

  private static Giving giving(Told told, Course course, Instant at) {
    return new Giving(
        told.id(),
        Moment.of(at, told.moment().zone()),
        course.id(),
        course.ears(),
        true,
        false,
        Optional.empty(),
        Optional.empty(),
        Optional.of(told.by()));
  }

  /** What the vet put in is the first dose. */
  private static Optional<Giving> byVet(Course course, DoseSchedule schedule, LocalDate on) {
    Instant at =
        schedule.doses().stream()
            .filter(dose -> dose.local().toLocalDate().equals(on))
            .map(Dose::at)
            .findFirst()
            .orElseGet(() -> on.atTime(LocalTime.NOON).atZone(course.moment().zone()).toInstant());
    return Optional.of(
        new Giving(
            course.id(),
            Moment.of(at, course.moment().zone()),
            course.id(),
            course.ears(),
            true,
            false,
            Optional.empty(),
            Optional.empty(),
            Optional.of("your vet")));
  }
}
