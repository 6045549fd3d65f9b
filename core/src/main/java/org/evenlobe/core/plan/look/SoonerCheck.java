package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.ToldOpen;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * A check that is wanted before its usual day (rule PLAN_CHECK): before anything goes into an ear,
 * the day after a cleaning that showed a sign, where others told something, the day after a try
 * that failed, and 4 and 10 days after a course that went to its end. For example a course whose
 * last dose is on the 10th: checks on the 14th and the 20th.
 *
 * @param day its day
 * @param pressing whether it goes before everything else
 * @param why what it is wanted for
 */
record SoonerCheck(LocalDate day, boolean pressing, Reason why) {
  private static final int DAYS_AFTER_TROUBLE = 3;
  private static final List<Integer> DAYS_AFTER_A_COURSE = List.of(4, 10);
  private static final int FORGOTTEN_AFTER = 14;

  /** The first that is wanted, where one is. */
  static Optional<SoonerCheck> of(Situation now) {
    return Stream.of(
            wanted(now),
            found(now),
            itched(now),
            told(now),
            cleanedWhileHeld(now),
            afterCourse(now))
        .flatMap(Optional::stream)
        .min(
            Comparator.comparing((SoonerCheck one) -> !one.pressing())
                .thenComparing(SoonerCheck::day))
        .or(() -> unseen(now));
  }

  private static SoonerCheck on(LocalDate day, Rule rule, String sentence) {
    return new SoonerCheck(day, false, Reason.of(rule, sentence));
  }

  private static Stream<EarStands> ears(Situation now) {
    return Stream.of(Side.values()).map(side -> now.history().ear(side));
  }

  /** Before anything goes into an ear, it is to be looked at. */
  private static Optional<SoonerCheck> wanted(Situation now) {
    return ears(now).anyMatch(EarStands::checkFirst)
        ? Optional.of(
            on(
                now.today(),
                Rule.PLAN_CHECK,
                "A full check is wanted first: nothing goes in before it is done."))
        : Optional.empty();
  }

  /** The day after a cleaning that showed a sign. */
  private static Optional<SoonerCheck> found(Situation now) {
    return ears(now)
        .flatMap(ear -> ear.foundCleaning().stream())
        .map(
            found ->
                on(
                    found.day().plusDays(1),
                    Rule.CHECK_FOUND_CLEANING,
                    "The cleaning of %s showed a sign: look at the ear the day after."
                        .formatted(Quantities.day(found.day()))))
        .findFirst();
  }

  /** The day on which somebody who had the dog said that they saw something. */
  private static Optional<SoonerCheck> told(Situation now) {
    Optional<ToldOpen> open = ears(now).flatMap(ear -> ear.told().stream()).findFirst();
    return open.map(
            one ->
                new SoonerCheck(
                    one.told().day(), true, Reason.of(Rule.CHECK_TOLD, saw(one.told()))))
        .or(() -> toldAsUsual(now));
  }

  /** What is no more than usual closes nothing, and is worth a look all the same. */
  private static Optional<SoonerCheck> toldAsUsual(Situation now) {
    Optional<AssessedCheck> latest = now.history().latest();
    return now.dog().all(Told.class).stream()
        .filter(now::hasHappened)
        .filter(told -> !told.seenAnywhere().isEmpty())
        .filter(
            told ->
                latest
                    .map(AssessedCheck::check)
                    .filter(check -> isAsked(check, told) || Dated.BY_TIME.compare(told, check) < 0)
                    .isEmpty())
        .filter(
            told ->
                now.dog().visits().stream()
                    .noneMatch(visit -> !visit.call() && Dated.BY_TIME.compare(visit, told) > 0))
        .findFirst()
        .map(told -> on(told.day(), Rule.CHECK_TOLD, saw(told)));
  }

  private static boolean isAsked(CheckRecord check, Told told) {
    return check.asked().stream().anyMatch(one -> one.told().equals(told.id()));
  }

  private static String saw(Told told) {
    return "%s (%s) saw something on %s: %s. Look yourself."
        .formatted(
            told.by(),
            told.taker().words(),
            Quantities.day(told.day()),
            told.seenAnywhere().stream().map(Told.Seen::words).collect(Collectors.joining(", ")));
  }

  /** The day after somebody cleaned an ear that was held. */
  private static Optional<SoonerCheck> cleanedWhileHeld(Situation now) {
    return now.history()
        .cleanedWhileHeld()
        .map(
            told ->
                on(
                    told.day().plusDays(1),
                    Rule.CHECK_TOLD,
                    "%s cleaned an ear on %s that was held: look at it the day after."
                        .formatted(told.by(), Quantities.day(told.day()))));
  }

  /** An ear that could not be looked into is tried again the next day. */
  private static Optional<SoonerCheck> unseen(Situation now) {
    return Stream.of(Side.values())
        .flatMap(side -> now.history().ear(side).unseen().stream())
        .map(
            one ->
                on(
                    one.lastTried().plusDays(1),
                    Rule.CHECK_NOT_SEEN,
                    "Nobody could look since %s: practise, then try again with a helper."
                        .formatted(Quantities.day(one.since()))))
        .min(Comparator.comparing(SoonerCheck::day));
  }

  /** What a course left behind shows in the days after its last dose. */
  private static Optional<SoonerCheck> afterCourse(Situation now) {
    return afterCourses(now).stream()
        .findFirst()
        .map(day -> new SoonerCheck(day, false, afterCourse()));
  }

  static Reason afterCourse() {
    return Reason.of(
        Rule.PLAN_CHECK, "The course is over: what was only held down shows some days later.");
  }

  /** The days that are still to be looked at after courses, the earliest first. */
  static List<LocalDate> afterCourses(Situation now) {
    return now.dog().all(Course.class).stream()
        .filter(course -> course.isBy(now.today()) && !course.ears().isEmpty())
        .flatMap(course -> lastDay(now, course).stream())
        .flatMap(last -> DAYS_AFTER_A_COURSE.stream().map(last::plusDays))
        .filter(day -> !isLookedAtSince(now, day))
        .filter(day -> ChronoUnit.DAYS.between(day, now.today()) <= FORGOTTEN_AFTER)
        .sorted()
        .toList();
  }

  private static boolean isLookedAtSince(Situation now, LocalDate day) {
    return now.history().latest().filter(check -> !check.check().day().isBefore(day)).isPresent();
  }

  /** The last day of a course that went to its end, or on which it stays in the ear. */
  private static Optional<LocalDate> lastDay(Situation now, Course course) {
    Optional<CourseEnd> end =
        now.dog().all(CourseEnd.class).stream()
            .filter(one -> one.course().equals(course.id()) && now.hasHappened(one))
            .findFirst();
    if (end.filter(one -> one.cause() != CourseEnd.Cause.FINISHED).isPresent()) {
      return Optional.empty();
    }
    Optional<LocalDate> given =
        course
            .asked()
            .byVetOn()
            .or(
                () ->
                    now.dog().all(Giving.class).stream()
                        .filter(one -> one.course().equals(course.id()) && one.given())
                        .map(Dated::day)
                        .reduce((earlier, later) -> later));
    return given
        .flatMap(course::lastDayOfStay)
        .or(() -> end.map(Dated::day))
        .or(() -> DoseSchedule.lastDay(course));
  }

  /**
   * Wax with an itch: the day after the cleaning that followed it, or 3 days after the check where
   * none did.
   */
  private static Optional<SoonerCheck> itched(Situation now) {
    return Stream.of(Side.values())
        .flatMap(
            side ->
                now.history().latest().stream().flatMap(check -> itched(now, check, side).stream()))
        .min(Comparator.comparing(SoonerCheck::day));
  }

  private static Optional<SoonerCheck> itched(Situation now, AssessedCheck check, Side side) {
    boolean itches =
        check.verdicts().get(side) == Verdict.CLEAN
            && !now.history().ear(side).covered()
            && check.check().dog().itch(side) != Grade.NONE;
    if (!itches) {
      return Optional.empty();
    }
    Optional<Dated> cleaned =
        now.lastCleaned(side).filter(last -> Dated.BY_TIME.compare(last, check.check()) > 0);
    LocalDate day =
        cleaned
            .map(last -> last.day().plusDays(1))
            .orElse(check.check().day().plusDays(DAYS_AFTER_TROUBLE));
    return Optional.of(
        on(
            day,
            Rule.PLAN_CHECK,
            "Wax with an itch in the %s: look whether the itch went with the wax."
                .formatted(side.ear())));
  }
}
