package org.evenlobe.core.course;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.MedicineWait;

/**
 * Clean, wait, dose (rule COURSE_WAIT): how long an ear waits after its last cleaning, by the vet's
 * word, else the label's, else the household's, and whether it is cleaned first.
 *
 * @param minutes how long it waits after a cleaning
 * @param running until when it waits now, ear by ear
 * @param cleanFirst the ears that are cleaned before the next dose
 */
public record Waiting(int minutes, List<Running> running, Set<Side> cleanFirst) {
  private static final int AN_HOUR = 60;

  /**
   * A wait that runs.
   *
   * @param ear which ear
   * @param since when it was cleaned
   * @param until when the wait is over
   */
  public record Running(Side ear, Instant since, Instant until) {}

  public Waiting {
    running = List.copyOf(running);
    cleanFirst = Set.copyOf(cleanFirst);
  }

  /** How a course waits at an instant. */
  public static Waiting of(CourseRun run, DogRecord dog, MedicineWait household) {
    Course course = run.course();
    int minutes = minutes(course, household);
    List<Running> running = new ArrayList<>();
    EnumSet<Side> cleanFirst = EnumSet.noneOf(Side.class);
    if (run.end().isEmpty()) {
      for (Side ear : course.ears()) {
        List<CleaningRecord> cleanings =
            dog.cleanings().stream()
                .filter(one -> one.ears().get(ear).isPresent() && !one.at().isAfter(run.at()))
                .toList();
        Optional<Instant> last =
            cleanings.isEmpty()
                ? Optional.empty()
                : Optional.of(cleanings.get(cleanings.size() - 1).at());
        last.map(at -> new Running(ear, at, at.plus(Duration.ofMinutes(minutes))))
            .filter(wait -> wait.until().isAfter(run.at()))
            .ifPresent(running::add);
        if (wantsCleaning(run, ear, cleanings)) {
          cleanFirst.add(ear);
        }
      }
    }
    return new Waiting(minutes, running, cleanFirst);
  }

  /** How long a course waits after a cleaning. */
  private static int minutes(Course course, MedicineWait household) {
    return course
        .vetWait()
        .or(course::labelWait)
        .orElse(household == MedicineWait.AN_HOUR ? AN_HOUR : 0);
  }

  /** Until when the dose that is given then would have to wait, where it would. */
  public Optional<Running> over(Side ear) {
    return running.stream().filter(one -> one.ear() == ear).findFirst();
  }

  private static boolean wantsCleaning(CourseRun run, Side ear, List<CleaningRecord> cleanings) {
    CleanBefore before = run.course().cleanBefore();
    ZoneId zone = run.zone();
    LocalDate today = run.at().atZone(zone).toLocalDate();
    Optional<DoseNow> next = next(run, ear);
    if (next.isEmpty() || next.get().dose().local().toLocalDate().isAfter(today)) {
      return false;
    }
    long ofToday = cleanings.stream().filter(one -> one.day().equals(today)).count();
    return switch (before.kind()) {
      case NEVER -> false;
      case EACH_DOSE -> cleanings.stream().noneMatch(one -> isForIt(one, next.get(), run, ear));
      case SO_OFTEN -> isDue(before.howOften().orElseThrow(), run.course(), today, ofToday);
      case UNTIL_CLEAN -> ofToday == 0 && !cameOutClean(cleanings, ear, run.course());
    };
  }

  private static boolean isDue(HowOften often, Course course, LocalDate day, long ofToday) {
    return often.fallsOn(day, course.startsOn()) && ofToday < often.timesOnADay();
  }

  /** A cleaning since the dose before is for this one. */
  private static boolean isForIt(CleaningRecord one, DoseNow next, CourseRun run, Side ear) {
    List<DoseNow> doses = run.doses(Optional.of(ear));
    int index = doses.indexOf(next);
    Instant since =
        index > 0
            ? doses
                .get(index - 1)
                .giving()
                .map(giving -> giving.at())
                .orElse(doses.get(index - 1).dose().at())
            : next.span().from();
    return !one.at().isBefore(since);
  }

  /** Whether the last cleaning since the course began brought nothing out. */
  private static boolean cameOutClean(List<CleaningRecord> cleanings, Side ear, Course course) {
    return !cleanings.isEmpty()
        && !cleanings.get(cleanings.size() - 1).day().isBefore(course.startsOn())
        && cleanings
            .get(cleanings.size() - 1)
            .ears()
            .get(ear)
            .map(EarCleaning::load)
            .filter(load -> load.grade() == 0)
            .isPresent();
  }

  private static Optional<DoseNow> next(CourseRun run, Side ear) {
    return run.doses(Optional.of(ear)).stream()
        .filter(dose -> dose.status().isNow() || dose.status() == DoseStatus.AHEAD)
        .findFirst();
  }
}
