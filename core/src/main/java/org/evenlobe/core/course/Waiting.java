package org.evenlobe.core.course;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.Told;

/**
 * Clean, wait, dose (rule COURSE_WAIT): how long an ear waits after its last cleaning, by the vet's
 * word, else the label's, else the household's, and whether it is cleaned first.
 *
 * @param minutes how long it waits after a cleaning
 * @param running until when it waits now, ear by ear
 * @param cleanFirst the ears that are cleaned before the next dose, as the plan has it
 */
public record Waiting(int minutes, List<Running> running, List<CleanFirst> cleanFirst) {
  private static final int AN_HOUR = 60;

  /**
   * A wait that runs.
   *
   * @param ear which ear
   * @param since when it was cleaned
   * @param until when the wait is over
   */
  public record Running(Side ear, Instant since, Instant until) {}

  /**
   * That an ear is cleaned before its next dose.
   *
   * @param ear which ear
   * @param hour about when, where that is known
   */
  public record CleanFirst(Side ear, Optional<LocalTime> hour) {}

  public Waiting {
    running = List.copyOf(running);
    cleanFirst = List.copyOf(cleanFirst);
  }

  /**
   * How a course waits at an instant.
   *
   * @param planned when each of its ears is cleaned next, as the plan has it
   */
  public static Waiting of(
      CourseRun run, DogRecord dog, MedicineWait household, Map<Side, Planned> planned) {
    Course course = run.course();
    int minutes = minutes(course, household);
    List<Running> running = new ArrayList<>();
    List<CleanFirst> cleanFirst = new ArrayList<>();
    if (run.end().isEmpty()) {
      for (Side ear : course.ears()) {
        lastCleaned(dog, ear, run.at())
            .map(at -> new Running(ear, at, at.plus(Duration.ofMinutes(minutes))))
            .filter(wait -> wait.until().isAfter(run.at()))
            .ifPresent(running::add);
        cleanFirst(run, ear, planned, minutes).ifPresent(cleanFirst::add);
      }
    }
    return new Waiting(minutes, running, cleanFirst);
  }

  /**
   * A cleaning of an ear that is planned.
   *
   * @param day its day
   * @param hour about when, where that is known
   */
  public record Planned(LocalDate day, Optional<LocalTime> hour) {}

  /** When an ear was cleaned last, by whomever: what others told of counts. */
  private static Optional<Instant> lastCleaned(DogRecord dog, Side ear, Instant now) {
    Stream<Instant> told =
        dog.all(Told.class).stream().filter(one -> one.cleaning(ear).isPresent()).map(Told::at);
    return Stream.concat(
            dog.cleanings().stream()
                .filter(one -> one.ears().get(ear).isPresent())
                .map(CleaningRecord::at),
            told)
        .filter(at -> !at.isAfter(now))
        .max(Comparator.naturalOrder());
  }

  /** The plan has a cleaning of this ear today that the next dose waits for. */
  private static Optional<CleanFirst> cleanFirst(
      CourseRun run, Side ear, Map<Side, Planned> planned, int minutes) {
    LocalDate today = run.at().atZone(run.zone()).toLocalDate();
    Optional<LocalTime> dose =
        next(run, ear)
            .map(one -> one.dose().local())
            .filter(at -> at.toLocalDate().equals(today))
            .map(LocalDateTime::toLocalTime);
    return Optional.ofNullable(planned.get(ear))
        .filter(one -> one.day().equals(today))
        .filter(one -> dose.filter(at -> comesBefore(one.hour(), minutes, at)).isPresent())
        .map(one -> new CleanFirst(ear, one.hour()));
  }

  /** What is cleaned before a dose soon after midnight is laid at the day's beginning. */
  private static boolean comesBefore(Optional<LocalTime> cleaned, int minutes, LocalTime dose) {
    return cleaned
        .map(hour -> hour.equals(LocalTime.MIN) || !hour.plusMinutes(minutes).isAfter(dose))
        .orElse(true);
  }

  /** How long a course waits after a cleaning, minutes. */
  public static int minutes(Course course, MedicineWait household) {
    return course
        .vetWait()
        .or(course::labelWait)
        .orElse(household == MedicineWait.AN_HOUR ? AN_HOUR : 0);
  }

  /** Until when the dose that is given then would have to wait, where it would. */
  public Optional<Running> over(Side ear) {
    return running.stream().filter(one -> one.ear() == ear).findFirst();
  }

  private static Optional<DoseNow> next(CourseRun run, Side ear) {
    return run.doses(Optional.of(ear)).stream()
        .filter(dose -> dose.status().isNow() || dose.status() == DoseStatus.AHEAD)
        .findFirst();
  }
}
