package org.evenlobe.core.course;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * A course as the dose board shows it.
 *
 * @param course which
 * @param end its end, where somebody said that it is over
 * @param total how many doses it has; empty where it has no end
 * @param doses those of today, what is still to be given, and the next one
 * @param doubles what may have been given twice in the last two days
 * @param waiting how it waits after a cleaning
 * @param asks the number of the phase that may go on longer, on its last planned day
 * @param isOver whether nothing of it is left to give
 * @param steps how the next dose is given
 * @param reasons what is to be said of it as a whole
 * @param ask what a vet is to be asked first
 */
public record CourseBoard(
    Course course,
    Optional<CourseEnd> end,
    Optional<Integer> total,
    List<BoardDose> doses,
    List<BoardDose> doubles,
    Waiting waiting,
    Optional<Integer> asks,
    boolean isOver,
    List<GivingStep> steps,
    List<Reason> reasons,
    List<AskedFirst> ask) {
  private static final Duration TWO_DAYS = Duration.ofDays(2);

  public CourseBoard {
    doses = List.copyOf(doses);
    doubles = List.copyOf(doubles);
    steps = List.copyOf(steps);
    reasons = List.copyOf(reasons);
    ask = List.copyOf(ask);
  }

  /** How a course of a dog stands. */
  public static CourseBoard of(
      CourseRun run, DogRecord dog, MedicineWait household, EarsForDoses ears) {
    Waiting waiting = Waiting.of(run, dog, household, ears.planned());
    SortedMap<Integer, List<DoseNow>> byNumber =
        run.doses().stream()
            .collect(
                Collectors.groupingBy(
                    one -> one.dose().number(), TreeMap::new, Collectors.toList()));
    LocalDate today = run.at().atZone(run.zone()).toLocalDate();
    // only what is shown is put into words: a course has many doses
    Instant lately = run.at().minus(TWO_DAYS);
    Optional<Integer> next = first(byNumber, one -> one.status() == DoseStatus.AHEAD);
    List<BoardDose> near =
        byNumber.entrySet().stream()
            .filter(
                one ->
                    isNear(one.getValue(), today, lately) || Optional.of(one.getKey()).equals(next))
            .map(one -> BoardDose.of(one.getValue(), waiting, run))
            .toList();
    boolean over = run.isOver();
    return new CourseBoard(
        run.course(),
        run.end(),
        run.course().isOpen() ? Optional.empty() : Optional.of(run.schedule().size()),
        near.stream()
            .filter(
                dose ->
                    dose.status().isNow()
                        || dose.dose().local().toLocalDate().equals(today)
                        || Optional.of(dose.dose().number()).equals(next))
            .toList(),
        near.stream()
            .filter(
                dose ->
                    dose.ears().stream().anyMatch(ear -> !ear.again().isEmpty())
                        && dose.dose().at().isAfter(lately))
            .toList(),
        waiting,
        run.asks(),
        over,
        first(byNumber, one -> one.status().isNow() || one.status() == DoseStatus.AHEAD)
            .map(number -> byNumber.get(number).get(0).dose().amount())
            .map(amount -> GivingStep.of(run.course().kind(), amount))
            .orElse(List.of()),
        reasons(run, over, dog),
        over ? List.of() : ears.asks());
  }

  /**
   * What the plan and the ears say of a course's ears: the board judges nothing itself.
   *
   * @param planned when each is cleaned next, as the plan has it
   * @param asks what a vet is to be asked before the first dose, or before the first cleaning
   */
  public record EarsForDoses(Map<Side, Waiting.Planned> planned, List<AskedFirst> asks) {
    /** Nothing. */
    public static final EarsForDoses NOTHING = new EarsForDoses(Map.of(), List.of());

    public EarsForDoses {
      planned = Map.copyOf(planned);
      asks = List.copyOf(asks);
    }
  }

  /**
   * What a vet is to be asked.
   *
   * @param ear of which ear
   * @param beforeDose whether no dose is given before that; else no cleaning is done
   * @param reason the same in a sentence
   */
  public record AskedFirst(Side ear, boolean beforeDose, Reason reason) {}

  /** The first dose of which that holds for one of its ears. */
  private static Optional<Integer> first(
      SortedMap<Integer, List<DoseNow>> byNumber, Predicate<DoseNow> holds) {
    return byNumber.entrySet().stream()
        .filter(one -> one.getValue().stream().anyMatch(holds))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /** Whether a dose is to be given, is of today, or was given twice lately. */
  private static boolean isNear(List<DoseNow> ears, LocalDate today, Instant lately) {
    Dose dose = ears.get(0).dose();
    return dose.local().toLocalDate().equals(today)
        || ears.stream()
            .anyMatch(
                ear ->
                    ear.status().isNow() || (!ear.again().isEmpty() && dose.at().isAfter(lately)));
  }

  private static List<Reason> reasons(CourseRun run, boolean over, DogRecord dog) {
    if (run.wasStoppedEarly()) {
      return List.of(
          Reason.of(
              Rule.COURSE_STOPPED,
              "Stopped before its last dose: free of symptoms is not cured. Check the ear every 3"
                  + " days for 2 weeks."));
    }
    if (run.course().isOpen() && run.end().isEmpty()) {
      return run.course().recheck().isPresent()
          ? List.of()
          : List.of(
              Reason.of(
                  Rule.COURSE_RECHECK,
                  "It goes on until it is clear, and only a recheck tells that: ask your vet when to"
                      + " come."));
    }
    return over && Recheck.of(run.course(), dog).filter(one -> !one.isDone()).isPresent()
        ? List.of(
            Reason.of(
                Rule.COURSE_RECHECK,
                "The last dose is past and no recheck is on record: an infection that only looks"
                    + " gone comes back. Have the ear looked at."))
        : List.of();
  }
}
