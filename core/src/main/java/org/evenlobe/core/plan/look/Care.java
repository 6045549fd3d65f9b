package org.evenlobe.core.plan.look;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DogRecord;

/**
 * What has each day looked at, or every third one: a vet's order, a course of medicine, or that one
 * was stopped early.
 *
 * @param fact the visit, the course or its end
 * @param at when it was said; the latest has the say
 * @param since its first day
 * @param until its last day, where it has one
 * @param looks whether there is a light look on the days between
 * @param order the order, where it is one
 * @param words what it is called in a sentence
 */
record Care(
    UUID fact,
    Instant at,
    LocalDate since,
    Optional<LocalDate> until,
    boolean looks,
    Optional<VetOrder> order,
    String words) {
  private static final int AFTER_A_STOP_DAYS = 14;
  private static final int FIRST_WEEKS_DAYS = 14;

  /** What has the say today; empty where nothing has. */
  static Optional<Care> of(Situation now) {
    return Stream.concat(orders(now), courses(now))
        .filter(care -> care.isWatchedOn(now.today()))
        .max(Comparator.comparing(Care::at));
  }

  private static Stream<Care> orders(Situation now) {
    return Stream.of(Side.values())
        .flatMap(side -> now.history().ear(side).order().stream())
        // a label's is its course's
        .filter(order -> !order.comesFromALabel())
        .map(
            order ->
                new Care(
                    order.visit(),
                    order.moment().at(),
                    order.since(),
                    order.instruction().until(),
                    true,
                    Optional.of(order),
                    "your vet's order"));
  }

  private static Stream<Care> courses(Situation now) {
    return now.dog().all(Course.class).stream()
        .filter(course -> course.kind().goesIntoAnEar() && !course.startsOn().isAfter(now.today()))
        .map(course -> of(course, now.dog()));
  }

  private static Care of(Course course, DogRecord dog) {
    Optional<LocalDate> lastDay = DoseSchedule.lastDay(course);
    return dog.all(CourseEnd.class).stream()
        .filter(end -> end.course().equals(course.id()))
        .findFirst()
        .map(end -> stopped(end, lastDay))
        .orElseGet(
            () ->
                new Care(
                    course.id(),
                    course.at(),
                    course.startsOn(),
                    lastDay,
                    true,
                    Optional.empty(),
                    "the course"));
  }

  /** Free of symptoms is not cured: where it was stopped early, checks for two weeks. */
  private static Care stopped(CourseEnd end, Optional<LocalDate> lastDay) {
    boolean early =
        end.cause() != CourseEnd.Cause.FINISHED && lastDay.map(end.day()::isBefore).orElse(true);
    return new Care(
        end.id(),
        end.at(),
        end.day(),
        Optional.of(early ? end.day().plusDays(AFTER_A_STOP_DAYS) : end.day().minusDays(1)),
        false,
        Optional.empty(),
        "a course that was stopped early");
  }

  /** Why there is a check at its beginning. */
  String first() {
    return order.isPresent()
        ? "What the vet saw is what later checks are held against: check today or tomorrow."
        : "A check at the beginning of %s is what later ones are held against.".formatted(words);
  }

  /** Whether a day is looked at by it. */
  boolean isWatchedOn(LocalDate day) {
    return order
        .map(one -> one.isWatchedOn(day))
        .orElseGet(() -> until.map(last -> !day.isAfter(last)).orElse(true));
  }

  /** Whether a full check is on every third day still. */
  boolean isEveryThird(LocalDate day) {
    return order
        .map(one -> one.isNewOn(day))
        .orElseGet(() -> ChronoUnit.DAYS.between(since, day) < FIRST_WEEKS_DAYS);
  }
}
