package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.Moment;

/**
 * What acts long and stays in an ear (rule COURSE_STAYS): for so many days after it was given the
 * ear is left alone but for a wipe, as by an order. For example a gel of 30 days, given on the 1st:
 * up to and including the 30th. It counts whenever its course was written down.
 */
final class Staying {

  private Staying() {}

  /** What stays in an ear on a day, as an order to leave it alone; the one that stays longest. */
  static Optional<VetOrder> of(DogRecord dog, Side side, LocalDate day) {
    return dog.all(Course.class).stream()
        .filter(course -> course.staysDays().isPresent() && course.ears().contains(side))
        .flatMap(
            course ->
                Stream.concat(
                    course.asked().byVetOn().stream()
                        .filter(on -> course.isBy(day) && !on.isAfter(day))
                        .map(on -> order(course, course.moment(), on)),
                    dog.all(Giving.class).stream()
                        .filter(one -> one.course().equals(course.id()) && one.given())
                        .filter(one -> one.ears().contains(side) && one.isBy(day))
                        .map(one -> order(course, one.moment(), one.day()))))
        .filter(order -> order.standsOn(day))
        .max(Comparator.comparing(order -> order.instruction().until().orElseThrow()));
  }

  private static VetOrder order(Course course, Moment moment, LocalDate givenOn) {
    return new VetOrder(
        course.id(),
        moment,
        givenOn,
        CleaningInstruction.staysIn(course.what(), course.lastDayOfStay(givenOn).orElseThrow()),
        VetOrder.By.STAYS);
  }
}
