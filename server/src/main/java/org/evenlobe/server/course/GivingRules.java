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
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.HouseholdSettings;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Whether a dose may be ticked: of a course of that dog, once only, and not before its wait is over
 * without saying why. What was ticked without a connection has happened, and is kept.
 */
@Component
class GivingRules {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm");

  private final FoldedDogs dogs;
  private final HouseholdSettings settings;
  private final HouseholdDay day;
  private final Givings givings;
  private final Givers givers;
  private final JdbcClient jdbc;

  GivingRules(
      FoldedDogs dogs,
      HouseholdSettings settings,
      HouseholdDay day,
      Givings givings,
      Givers givers,
      JdbcClient jdbc) {
    this.dogs = dogs;
    this.settings = settings;
    this.day = day;
    this.givings = givings;
    this.givers = givers;
    this.jdbc = jdbc;
  }

  /**
   * Notes what is wrong with a tick.
   *
   * @throws AlreadyGiven if somebody has given that dose
   */
  void check(UUID id, GivingRequest said, InvalidFields.Collector errors) {
    waitForOthers(said.courseId());
    Settings how = settings.get();
    DogRecord dog = dogs.one(said.dogId(), day.today(how.zone())).record();
    Optional<Course> found =
        dog.all(Course.class).stream().filter(one -> one.id().equals(said.courseId())).findFirst();
    errors.require(found.isPresent(), "courseId", "is not a course of this dog");
    if (found.isEmpty()) {
      return;
    }
    Course course = found.get();
    errors.require(
        course.ears().containsAll(said.ears()) && course.ears().isEmpty() == said.ears().isEmpty(),
        "ears",
        "must be among those of the course");
    if (!said.given() || said.isOffline()) {
      return;
    }
    CourseRun run = CourseRun.of(course, dog, how.zone(), said.at());
    refuseTwice(id, said, run);
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

  /** By what is stored now, not by what was read of the dog before others let go of the course. */
  private void refuseTwice(UUID id, GivingRequest said, CourseRun run) {
    Optional<Integer> dose = run.schedule().of(said.at()).map(Dose::number);
    givings.given(CurrentMember.household(), said.courseId()).stream()
        .map(StoredGiving::toCore)
        .filter(other -> !other.id().equals(id) && sharesAnEar(other, said))
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

  private static boolean sharesAnEar(Giving other, GivingRequest said) {
    return said.ears().isEmpty()
        || said.ears().stream().anyMatch((Side ear) -> other.ears().contains(ear));
  }

  private String who(Giving giving) {
    List<UUID> one = giving.by().stream().toList();
    return givers.names(one).values().stream().findFirst().orElse("Somebody");
  }

  /** Until the end of the transaction, nobody else ticks a dose of this course. */
  private void waitForOthers(UUID course) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(?, 1))")
        .param(CurrentMember.household() + "/" + course)
        .query((row, n) -> true)
        .single();
  }

  private static String clock(Instant at, ZoneId zone) {
    return CLOCK.format(at.atZone(zone));
  }
}
