package org.evenlobe.server.view;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.course.Adherence;
import org.evenlobe.core.course.BoardDose;
import org.evenlobe.core.course.BottleLasts;
import org.evenlobe.core.course.CourseBoard;
import org.evenlobe.core.course.CourseRun;
import org.evenlobe.core.course.DoseNow;
import org.evenlobe.core.course.DoseStatus;
import org.evenlobe.core.course.Recheck;
import org.evenlobe.core.course.Timing;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.own.OwnCourseNow;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.PlanOfDoses;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DietSlip;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.trend.Went;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.course.Givers;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.view.TrialView.DogTrial;
import org.evenlobe.server.view.TrialView.TrialInFull;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The doses of the day across all dogs, and the courses of one. */
@Service
class CourseView {
  private final FoldedDogs dogs;
  private final Plans plans;
  private final HouseholdDay day;
  private final Givers givers;
  private final TrialView trials;

  CourseView(FoldedDogs dogs, Plans plans, HouseholdDay day, Givers givers, TrialView trials) {
    this.dogs = dogs;
    this.plans = plans;
    this.day = day;
    this.givers = givers;
    this.trials = trials;
  }

  /**
   * The dose board.
   *
   * @param now the instant it is of
   * @param zone the zone of its times
   * @param courses those of which something is to be done or was given today, or that are open
   *     still
   * @param trials the diet trials that go on
   * @param people the names of those who gave something
   */
  record DoseBoard(
      Instant now,
      ZoneId zone,
      List<DogCourse> courses,
      List<DogTrial> trials,
      Map<UUID, String> people) {}

  /**
   * A course of a dog.
   *
   * @param dog its id
   * @param name what it is called
   * @param board how the course stands
   */
  record DogCourse(UUID dog, String name, CourseBoard board) {}

  /** The doses of today. */
  @Transactional(readOnly = true)
  public DoseBoard board() {
    Standing standing = plans.standing();
    Instant now = day.now();
    Planned planned = plans.planned(standing);
    List<Folded> here = planned.dogs();
    List<DogCourse> courses =
        here.stream()
            .flatMap(
                dog ->
                    dog.record().all(Course.class).stream()
                        .map(course -> CourseRun.of(course, dog.record(), standing.zone(), now))
                        .filter(run -> isShown(run, dog.record(), standing.today()))
                        .map(
                            run ->
                                new DogCourse(
                                    dog.record().id(),
                                    dog.record().profile().name(),
                                    board(
                                        run,
                                        dog.record(),
                                        planned.of(dog.record().id()).orElseThrow(),
                                        standing))))
            .toList();
    return new DoseBoard(
        now,
        standing.zone(),
        courses,
        trials.open(here),
        names(
            courses.stream()
                .flatMap(
                    one ->
                        Stream.concat(
                            one.board().doses().stream(), one.board().doubles().stream()))));
  }

  /** A course as its dog's plan has its ears. */
  private static CourseBoard board(CourseRun run, DogRecord dog, DogPlan plan, Standing standing) {
    MedicineWait wait =
        dog.profile().ways().medicineWait().orElse(standing.how().ways().medicineWait());
    return CourseBoard.of(run, dog, wait, PlanOfDoses.of(plan, run.course()));
  }

  private Map<UUID, String> names(Stream<BoardDose> doses) {
    Set<UUID> people =
        doses
            .flatMap(dose -> dose.ears().stream())
            .flatMap(ear -> Stream.concat(ear.giving().stream(), ear.again().stream()))
            .flatMap(giving -> giving.by().stream())
            .collect(Collectors.toSet());
    return givers.names(people);
  }

  /** What is going on, what was stopped today, and what is finished and waits for its recheck. */
  private static boolean isShown(CourseRun run, DogRecord dog, LocalDate today) {
    if (!run.isOver()) {
      return true;
    }
    Optional<LocalDate> ended = run.end().map(end -> end.at().atZone(run.zone()).toLocalDate());
    if (ended.filter(today::equals).isPresent()) {
      return true;
    }
    return Recheck.of(run.course(), dog).filter(one -> !one.isDone()).isPresent();
  }

  /**
   * A course in full.
   *
   * @param board how it stands
   * @param lanes its doses, ear by ear
   * @param adherence how it was kept to
   * @param lasts whether its bottle lasts, where it has one
   * @param lastDay the day of its last planned dose, where it has an end
   * @param went how each of its ears went within it
   */
  record CourseInFull(
      CourseBoard board,
      List<DoseMark> lanes,
      List<Adherence> adherence,
      Optional<BottleLasts> lasts,
      Optional<LocalDate> lastDay,
      List<Went> went) {}

  /**
   * A dose as a notch.
   *
   * @param number which
   * @param ear for which ear
   * @param at when it is due
   * @param status what has become of it
   * @param givenAt when it was given
   * @param timing whether that was on time
   * @param by who gave it
   */
  record DoseMark(
      int number,
      Optional<Side> ear,
      Instant at,
      DoseStatus status,
      Optional<Instant> givenAt,
      Optional<Timing> timing,
      Optional<UUID> by) {

    static DoseMark of(DoseNow dose) {
      return new DoseMark(
          dose.dose().number(),
          dose.ear(),
          dose.dose().at(),
          dose.status(),
          dose.giving().filter(Giving::given).map(Giving::at),
          dose.timing(),
          dose.giving().flatMap(Giving::by));
    }
  }

  /**
   * The courses of a dog.
   *
   * @param now the instant they are of
   * @param zone the zone of their times
   * @param courses the latest first
   * @param own what somebody gives on their own, the latest first
   * @param trials the diet trials, the latest first
   * @param people the names of those who gave something, or saw a slip
   */
  record DogCourses(
      Instant now,
      ZoneId zone,
      List<CourseInFull> courses,
      List<OwnCourseNow> own,
      List<TrialInFull> trials,
      Map<UUID, String> people) {}

  /**
   * The courses of a dog, the latest first.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public DogCourses of(UUID id) {
    Standing standing = plans.standing();
    Instant now = day.now();
    DogHistory history = dogs.one(id, standing.today()).history();
    DogRecord dog = history.dog();
    List<CourseRun> runs =
        dog.all(Course.class).stream()
            .map(course -> CourseRun.of(course, dog, standing.zone(), now))
            .sorted((one, other) -> other.course().startsOn().compareTo(one.course().startsOn()))
            .toList();
    DogPlan plan = plans.plan(history, standing);
    Set<UUID> people =
        Stream.concat(
                dog.all(Giving.class).stream().flatMap(giving -> giving.by().stream()),
                dog.all(DietSlip.class).stream().flatMap(slip -> slip.by().stream()))
            .collect(Collectors.toSet());
    return new DogCourses(
        now,
        standing.zone(),
        runs.stream().map(run -> inFull(run, history, plan, standing)).toList(),
        trials.own(history, standing.today()),
        trials.of(history),
        givers.names(people));
  }

  private static CourseInFull inFull(
      CourseRun run, DogHistory history, DogPlan plan, Standing standing) {
    DogRecord dog = history.dog();
    LocalDate to =
        run.end()
            .map(CourseEnd::day)
            .or(run::lastDay)
            .filter(last -> last.isBefore(standing.today()))
            .orElse(standing.today());
    return new CourseInFull(
        board(run, dog, plan, standing),
        run.doses().stream().map(DoseMark::of).toList(),
        run.adherence(),
        BottleLasts.of(run),
        run.lastDay(),
        run.course().ears().stream()
            .map(ear -> Went.of(history, ear, run.course().startsOn(), to))
            .toList());
  }
}
