package org.evenlobe.server.course;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.course.CourseRun;
import org.evenlobe.core.course.Dose;
import org.evenlobe.core.course.Waiting;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.course.CoursesAtHand.AtHand;
import org.evenlobe.server.course.CoursesAtHand.Tick;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Component;

/**
 * Whether a dose may be ticked: of a course of that dog, once only, and not before its wait is over
 * without saying why. What was ticked without a connection has happened, and is kept.
 */
@Component
class GivingRules {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm");

  private final CoursesAtHand courses;
  private final Givers givers;

  GivingRules(CoursesAtHand courses, Givers givers) {
    this.courses = courses;
    this.givers = givers;
  }

  /**
   * Notes what is wrong with a tick.
   *
   * @throws AlreadyGiven if somebody has given that dose
   */
  void check(UUID id, GivingRequest said, InvalidFields.Collector errors) {
    AtHand here = courses.of(said.dogId(), said.courseId());
    Optional<Course> found = here.course();
    errors.require(found.isPresent(), "courseId", "is not a course of this dog");
    if (found.isEmpty()) {
      return;
    }
    Course course = found.get();
    errors.require(
        course.ears().containsAll(said.ears()) && course.ears().isEmpty() == said.ears().isEmpty(),
        "ears",
        "must be among those of the course");
    if (said.given() && !said.isOffline()) {
      judge(id, said, here, course, errors);
    }
    if (said.given() && errors.isEmpty()) {
      here.given().add(new Tick(id, said.at(), said.ears(), Optional.empty()));
    }
  }

  private void judge(
      UUID id, GivingRequest said, AtHand here, Course course, InvalidFields.Collector errors) {
    DogRecord dog = here.dog();
    Settings how = here.how();
    CourseRun run = CourseRun.of(course, dog, how.zone(), said.at());
    refuseTwice(id, said, run, here.given());
    refuseTold(said, run);
    askWhy(said, run, dog, errors);
    MedicineWait household = dog.profile().ways().medicineWait().orElse(how.ways().medicineWait());
    Waiting waiting = Waiting.of(run, dog, household, Map.of());
    said.ears().stream()
        .flatMap(ear -> waiting.over(ear).stream())
        .findFirst()
        .ifPresent(
            wait ->
                errors.require(
                    said.why() != null && !said.why().isBlank(),
                    "why",
                    "must say why the wait after the cleaning, until %s, was not kept"
                        .formatted(clock(wait.until(), how.zone()))));
  }

  private void refuseTwice(UUID id, GivingRequest said, CourseRun run, List<Tick> given) {
    Optional<Integer> dose = run.schedule().of(said.at()).map(Dose::number);
    given.stream()
        .filter(other -> !other.id().equals(id) && other.sharesAnEar(said.ears()))
        .filter(other -> run.schedule().of(other.at()).map(Dose::number).equals(dose))
        .findFirst()
        .ifPresent(
            other -> {
              throw new AlreadyGiven(who(other), clock(other.at(), run.zone()));
            });
  }

  /** What somebody told of is a giving like any other. */
  private static void refuseTold(GivingRequest said, CourseRun run) {
    run.doses().stream()
        .filter(dose -> dose.dose().number() == number(run, said))
        .flatMap(dose -> dose.giving().stream())
        .filter(giving -> giving.given() && giving.name().isPresent())
        .findFirst()
        .ifPresent(
            giving -> {
              throw new AlreadyGiven(giving.name().orElseThrow(), clock(giving.at(), run.zone()));
            });
  }

  /** What may have been given, or may harm a torn ear, is given with a word only. */
  private static void askWhy(
      GivingRequest said, CourseRun run, DogRecord dog, InvalidFields.Collector errors) {
    boolean isSaid = said.why() != null && !said.why().isBlank();
    run.doses().stream()
        .filter(dose -> dose.dose().number() == number(run, said))
        .flatMap(dose -> dose.perhaps().stream())
        .findFirst()
        .ifPresent(
            told ->
                errors.require(
                    isSaid,
                    "why",
                    "must say why it is given: perhaps %s gave it at %s"
                        .formatted(told.by(), clock(told.at(), run.zone()))));
    boolean torn =
        !run.course().asked().knowsTorn().orElse(false)
            && said.ears().stream()
                .anyMatch(
                    ear ->
                        DogHistory.of(dog, said.moment().day()).ear(ear).eardrum()
                            == EardrumKnown.NOT_INTACT);
    errors.require(
        !torn || isSaid,
        "why",
        "must say what your vet said: the eardrum is torn, and nobody knows whether they know");
  }

  private static int number(CourseRun run, GivingRequest said) {
    return run.schedule().of(said.at()).map(Dose::number).orElse(0);
  }

  private String who(Tick given) {
    List<UUID> one = given.by().stream().toList();
    return givers.names(one).values().stream().findFirst().orElse("Somebody");
  }

  private static String clock(Instant at, ZoneId zone) {
    return CLOCK.format(at.atZone(zone));
  }
}
