package org.evenlobe.server.view;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.Dose;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.rule.Figures;

/**
 * What a ribbon shows of the last six weeks, or a chart of a longer time.
 *
 * @param cleanings the cleanings
 * @param checks the checks
 * @param visits the visits to a vet
 * @param exposures what happened to the ears
 * @param courses the courses of medicine that go into an ear, with four weeks ahead
 */
record RibbonMarks(
    List<CleaningRecord> cleanings,
    List<CheckMark> checks,
    List<VisitMark> visits,
    List<Exposure> exposures,
    List<CourseMark> courses) {
  /** How far back a ribbon shows what was done. */
  private static final int DAYS_BACK = 43;

  /** How far ahead it shows what is planned. */
  private static final int DAYS_AHEAD = 28;

  /**
   * A check as a ribbon shows it.
   *
   * @param id its id
   * @param day when
   * @param scores the score of each ear
   * @param verdicts the verdict of each ear
   */
  record CheckMark(UUID id, LocalDate day, EarPair<Integer> scores, EarPair<Verdict> verdicts) {

    static CheckMark of(AssessedCheck assessed) {
      return new CheckMark(
          assessed.check().id(),
          assessed.check().day(),
          assessed.check().ears().map(EarFinding::score),
          assessed.verdicts());
    }
  }

  /**
   * A visit as a ribbon shows it.
   *
   * @param id its id
   * @param day when
   */
  record VisitMark(UUID id, LocalDate day) {}

  /**
   * A course as a ribbon shows it: a bar along its ears' lanes, with a notch for each dose.
   *
   * @param id its id
   * @param what what is given
   * @param ears into which ears
   * @param from its first day
   * @param to its last day, or the last that is shown
   * @param doses when its doses are due, of the days that are shown
   */
  record CourseMark(
      UUID id,
      String what,
      List<Side> ears,
      LocalDate from,
      LocalDate to,
      List<LocalDateTime> doses) {}

  private static List<CourseMark> courses(DogHistory history, LocalDate first, LocalDate last) {
    return history.dog().all(Course.class).stream()
        .filter(course -> !course.ears().isEmpty() && !course.startsOn().isAfter(last))
        .map(course -> mark(course, history, first, last))
        .filter(mark -> !mark.doses().isEmpty())
        .toList();
  }

  private static CourseMark mark(
      Course course, DogHistory history, LocalDate first, LocalDate last) {
    LocalDate end =
        history.dog().all(CourseEnd.class).stream()
            .filter(one -> one.course().equals(course.id()))
            .map(CourseEnd::day)
            .findFirst()
            .orElse(last);
    List<LocalDateTime> doses =
        DoseSchedule.of(course, course.moment().zone(), last).doses().stream()
            .map(Dose::local)
            .filter(at -> isWithin(at.toLocalDate(), first, Figures.earlier(end, last)))
            .toList();
    LocalDate to = doses.isEmpty() ? end : doses.get(doses.size() - 1).toLocalDate();
    return new CourseMark(
        course.id(), course.what(), List.copyOf(course.ears()), course.startsOn(), to, doses);
  }

  private static boolean isWithin(LocalDate day, LocalDate first, LocalDate last) {
    return !day.isBefore(first) && !day.isAfter(last);
  }

  static RibbonMarks of(DogHistory history) {
    LocalDate today = history.today();
    LocalDate from = today.minusDays(DAYS_BACK);
    return between(
        history, from, today, courses(history, from.plusDays(1), today.plusDays(DAYS_AHEAD)));
  }

  /** The same of another time. */
  static RibbonMarks between(DogHistory history, LocalDate from, LocalDate to) {
    return between(history, from, to, courses(history, from, to));
  }

  private static RibbonMarks between(
      DogHistory history, LocalDate from, LocalDate to, List<CourseMark> courses) {
    return new RibbonMarks(
        last(history.dog().cleanings(), CleaningRecord::day, from, to),
        last(history.checks(), check -> check.check().day(), from, to).stream()
            .map(CheckMark::of)
            .toList(),
        last(history.visits(), VisitRecord::day, from, to).stream()
            .map(visit -> new VisitMark(visit.id(), visit.day()))
            .toList(),
        history.wet().since(from).stream().filter(one -> !one.firstDay().isAfter(to)).toList(),
        courses);
  }

  /** The last of them that lie within those days, oldest first. */
  private static <T> List<T> last(
      List<T> all, Function<T, LocalDate> day, LocalDate from, LocalDate to) {
    List<T> last = new ArrayList<>();
    for (int i = all.size() - 1; i >= 0 && !day.apply(all.get(i)).isBefore(from); i--) {
      if (!day.apply(all.get(i)).isAfter(to)) {
        last.add(all.get(i));
      }
    }
    Collections.reverse(last);
    return last;
  }
}
