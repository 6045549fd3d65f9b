package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.CourseEnd.Cause;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DoseAmount;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.MedicineKind;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.rule.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a course of medicine does to the plan of an ear, and to what its checks say. */
class CoursePlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final UUID COURSE = new UUID(40, 1);

  private static Moment moment(int day, int hour) {
    return Moment.of(
        day(day).atTime(LocalTime.of(hour, 0)).toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
  }

  /** Twice a day for seven days, into the right ear or as a tablet. */
  private static Course course(int startsOn, MedicineKind kind) {
    return new Course(
        COURSE,
        moment(startsOn, 7),
        "Marsh drops",
        kind,
        Optional.empty(),
        kind.goesIntoAnEar() ? Set.of(Side.RIGHT) : Set.of(),
        List.of(
            CoursePhase.of(
                new DoseAmount(8, 8, DoseUnit.DROP),
                List.of(LocalTime.of(8, 0), LocalTime.of(20, 0)),
                7)),
        day(startsOn),
        0,
        CleanBefore.NEVER,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** One application that stays in the right ear for so many days. */
  private static DogRecord withGel(TestDog dog, int day, int stays) {
    return withGel(dog, day, stays, day);
  }

  /** The same of a course that was written down on another day. */
  private static DogRecord withGel(TestDog dog, int day, int stays, int said) {
    Course gel = course(day, MedicineKind.GEL);
    Course once =
        new Course(
            gel.id(),
            moment(said, 7),
            "Marsh gel",
            gel.kind(),
            gel.prescribedBy(),
            gel.ears(),
            List.of(
                CoursePhase.of(
                    new DoseAmount(1, 1, DoseUnit.SQUEEZE), List.of(LocalTime.of(8, 0)), 1)),
            gel.startsOn(),
            0,
            CleanBefore.NEVER,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.of(stays),
            Optional.empty());
    Giving given =
        new Giving(
            new UUID(42, 1),
            moment(day, 8),
            COURSE,
            Set.of(Side.RIGHT),
            true,
            false,
            Optional.empty(),
            Optional.empty());
    return dog.record().plus(once).plus(given);
  }

  @Test
  void aGelThatStaysHoldsCleaningAndThePlanSaysUntilWhen() {
    DogRecord dog = withGel(new TestDog().quiet(9).quiet(10), 10, 30);
    DogPlan plan = PLANNER.plan(dog, Preferences.DEFAULT, day(12));

    assertThat(DogHistory.of(dog, day(12)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    assertThat(DogHistory.of(dog, day(39)).ear(Side.RIGHT).because())
        .as("the day it was put in is the first of 30")
        .isEqualTo(EarStands.Because.STAYS);
    assertThat(DogHistory.of(dog, day(42)).ear(Side.RIGHT).because())
        .as("what runs out of it is the medicine, 3 days on")
        .isEqualTo(EarStands.Because.MEDICINE);
    assertThat(DogHistory.of(dog, day(43)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    assertThat(plan.ears().right().rhythm().reasons())
        .extracting(Reason::sentence)
        .anySatisfy(
            sentence ->
                assertThat(sentence)
                    .startsWith("Marsh gel, given on")
                    .contains("stays in the ear, until " + Quantities.day(day(39))));
    assertThat(plan.cleanings())
        .filteredOn(item -> item.ears().contains(Side.RIGHT))
        .allSatisfy(item -> assertThat(item.window().best()).isAfter(day(39)));
    assertThat(plan.cleanings()).anySatisfy(item -> assertThat(item.ears()).contains(Side.LEFT));
  }

  @Test
  void itHoldsThoughItsCourseWasWrittenDownLater() {
    DogRecord dog = withGel(new TestDog().quiet(9).quiet(10), 10, 30, 11);

    assertThat(DogHistory.of(dog, day(12)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
  }

  private static CourseEnd end(int day, Cause cause) {
    return new CourseEnd(new UUID(41, 1), moment(day, 12), COURSE, cause, Optional.empty());
  }

  private static List<LocalDate> days(DogRecord dog, int today, PlanItem.Kind kind, int until) {
    return PLANNER.plan(dog, Preferences.DEFAULT, day(today)).items().stream()
        .filter(item -> item.kind() == kind)
        .map(item -> item.window().best())
        .filter(best -> !best.isAfter(day(until)))
        .sorted()
        .toList();
  }

  private static DogRecord under(TestDog dog, int startsOn) {
    return dog.record().plus(course(startsOn, MedicineKind.DROPS));
  }

  @Test
  void isLookedAtEachDayAndCheckedEveryThird() {
    DogRecord dog = under(new TestDog().quiet(10), 10);

    // checked on day 10; the last dose is on day 16
    assertThat(days(dog, 11, PlanItem.Kind.CHECK, 16)).containsExactly(day(13), day(16));
    assertThat(days(dog, 11, PlanItem.Kind.LOOK, 20))
        .containsExactly(day(11), day(12), day(14), day(15));
  }

  @Test
  void aTabletHasNoEarLookedAt() {
    DogRecord dog = new TestDog().quiet(10).record().plus(course(10, MedicineKind.TABLET));

    assertThat(days(dog, 11, PlanItem.Kind.LOOK, 40)).isEmpty();
  }

  @Test
  void afterItsLastDayItIsLookedAtOnTheFourthAndTheTenthDay() {
    TestDog dog = new TestDog().quiet(10).quiet(18);

    // its last dose is on day 16
    assertThat(days(under(dog, 10), 18, PlanItem.Kind.CHECK, 40))
        .containsExactly(day(20), day(26), day(33), day(40));
    assertThat(days(under(dog.quiet(20), 10), 21, PlanItem.Kind.CHECK, 40))
        .containsExactly(day(26), day(33), day(40));
  }

  @ParameterizedTest
  @EnumSource(value = Cause.class, names = "FINISHED", mode = EnumSource.Mode.EXCLUDE)
  void stoppedEarlyItIsCheckedEveryThirdDayForTwoWeeks(Cause cause) {
    DogRecord dog = under(new TestDog().quiet(10).quiet(12), 10).plus(end(12, cause));

    assertThat(days(dog, 13, PlanItem.Kind.CHECK, 26))
        .containsExactly(day(15), day(18), day(21), day(24));
    assertThat(days(dog, 13, PlanItem.Kind.LOOK, 40)).isEmpty();
  }

  @Test
  void finishedItIsLookedAtOnTheFourthDayFirst() {
    DogRecord dog = under(new TestDog().quiet(10).quiet(16), 10).plus(end(16, Cause.FINISHED));

    assertThat(days(dog, 17, PlanItem.Kind.CHECK, 22)).containsExactly(day(20));
  }

  @Test
  void whatRunsOutOfTheEarIsTheMedicineUntilThreeDaysAfterTheLastDose() {
    TestDog oily = new TestDog().quiet(9).check(12, "discharge=2:BROWN", "");

    assertThat(verdict(oily.record(), 12)).isNotEqualTo(Verdict.LEAVE);
    assertThat(verdict(under(oily, 10), 12)).isEqualTo(Verdict.LEAVE);
    assertThat(verdict(under(new TestDog().check(19, "discharge=2:BROWN", ""), 10), 19))
        .isEqualTo(Verdict.LEAVE);
    assertThat(verdict(under(new TestDog().check(20, "discharge=2:BROWN", ""), 10), 20))
        .isNotEqualTo(Verdict.LEAVE);
    assertThat(
            verdict(
                under(new TestDog().check(17, "discharge=2:BROWN", ""), 10)
                    .plus(end(12, Cause.VET)),
                17))
        .isNotEqualTo(Verdict.LEAVE);
  }

  @Test
  void aCourseThatIsToBeginTakesNothingFromWhatIsInTheEarNow() {
    DogRecord now = under(new TestDog().check(12, "discharge=2:BROWN", ""), 10);
    Course later = course(40, MedicineKind.DROPS);
    Course written =
        new Course(
            new UUID(40, 2),
            moment(11, 7),
            later.what(),
            later.kind(),
            later.prescribedBy(),
            later.ears(),
            later.phases(),
            later.startsOn(),
            0,
            later.cleanBefore(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    assertThat(verdict(now.plus(written), 12)).isEqualTo(Verdict.LEAVE);
    assertThat(DogHistory.of(now.plus(written), day(25)).ear(Side.RIGHT).treated()).isFalse();
    assertThat(DogHistory.of(now.plus(written), day(41)).ear(Side.RIGHT).treated()).isTrue();
  }

  private static Verdict verdict(DogRecord dog, int today) {
    return DogHistory.of(dog, day(today)).ear(Side.RIGHT).verdict();
  }

  private static Course cleaned(int startsOn, CleanBefore before) {
    Course drops = course(startsOn, MedicineKind.DROPS);
    return new Course(
        drops.id(),
        drops.moment(),
        drops.what(),
        drops.kind(),
        drops.prescribedBy(),
        drops.ears(),
        drops.phases(),
        drops.startsOn(),
        0,
        before,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** The cleanings of the right ear up to a day, as "day hour". */
  private static List<String> cleanings(DogRecord dog, int today, int until) {
    return PLANNER.plan(dog, Preferences.DEFAULT, day(today)).cleanings().stream()
        .filter(item -> item.ears().contains(Side.RIGHT))
        .filter(item -> !item.window().best().isAfter(day(until)))
        .map(
            item ->
                (item.window().best().toEpochDay() - day(0).toEpochDay())
                    + item.hour().map(hour -> " " + hour).orElse(""))
        .toList();
  }

  @Test
  void itsCleaningsTakeThePlaceOfThePlannedOnesUpToItsLastDose() {
    TestDog dog = new TestDog().cleaned(1, Side.RIGHT, Side.LEFT).quiet(10);
    CleanBefore secondDay =
        new CleanBefore(CleanBefore.Kind.SO_OFTEN, Optional.of(HowOften.everyDays(2)));

    assertThat(cleanings(dog.record().plus(cleaned(10, secondDay)), 11, 17))
        .containsExactly("12 07:00", "14 07:00", "16 07:00");
    assertThat(
            cleanings(
                dog.record()
                    .plus(
                        cleaned(10, new CleanBefore(CleanBefore.Kind.EACH_DOSE, Optional.empty()))),
                15,
                17))
        .containsExactly("15 07:00", "15 19:00", "16 07:00", "16 19:00");
    // that says nothing of cleaning: none before its last dose on day 16, whatever was learned
    assertThat(cleanings(under(dog, 10), 11, 16)).isEmpty();
    assertThat(cleanings(under(dog, 10), 11, 60)).isNotEmpty();
  }

  @Test
  void untilCleanIsOneADayUntilNothingComesOut() {
    CleanBefore untilClean = new CleanBefore(CleanBefore.Kind.UNTIL_CLEAN, Optional.empty());
    TestDog dirty = new TestDog().quiet(10).filled(11, 2, 2);
    TestDog clean = new TestDog().quiet(10).filled(11, 0, 2);

    assertThat(cleanings(dirty.record().plus(cleaned(10, untilClean)), 11, 16))
        .containsExactly("12 07:00");
    assertThat(cleanings(clean.record().plus(cleaned(10, untilClean)), 11, 16)).isEmpty();
  }

  @Test
  void aCleaningOfTheDayIsNotAskedForAgain() {
    CleanBefore daily =
        new CleanBefore(CleanBefore.Kind.SO_OFTEN, Optional.of(HowOften.timesADay(1)));
    TestDog dog = new TestDog().quiet(10).filled(11, 1, 1);

    assertThat(cleanings(dog.record().plus(cleaned(10, daily)), 11, 13))
        .containsExactly("12 07:00", "13 07:00");
  }

  @Test
  void aRecheckIsPlannedInItsLastThreeDaysUntilAVetHasSeenTheDog() {
    DogRecord dog = under(new TestDog().quiet(10), 10);

    assertThat(days(dog, 11, PlanItem.Kind.VISIT, 60)).containsExactly(day(16));
    assertThat(days(dog, 20, PlanItem.Kind.VISIT, 60)).containsExactly(day(16));
    assertThat(PLANNER.plan(dog, Preferences.DEFAULT, day(11)).items())
        .filteredOn(item -> item.kind() == PlanItem.Kind.VISIT)
        .singleElement()
        .satisfies(
            visit -> {
              assertThat(visit.own().earliest()).isEqualTo(day(14));
              assertThat(visit.own().latest()).isEqualTo(day(16));
            });
    DogRecord seen =
        under(
            new TestDog()
                .quiet(10)
                .visit(15, TestDog.seen(EardrumSeen.INTACT), TestDog.seen(EardrumSeen.INTACT)),
            10);
    assertThat(days(seen, 16, PlanItem.Kind.VISIT, 60)).isEmpty();
    assertThat(days(dog.plus(end(12, Cause.VET)), 13, PlanItem.Kind.VISIT, 60)).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(
      value = Cause.class,
      names = {"REACTION", "HURTS"})
  void harmHoldsBothEarsAndIsForTheVetToday(Cause cause) {
    DogRecord dog = under(new TestDog().quiet(10).quiet(11), 10).plus(end(12, cause));

    DogHistory history = DogHistory.of(dog, day(13));
    PlanItem visit =
        PLANNER.plan(dog, Preferences.DEFAULT, day(13)).items().stream()
            .filter(item -> item.kind() == PlanItem.Kind.VISIT)
            .findFirst()
            .orElseThrow();

    assertThat(history.ear(Side.RIGHT).hold()).isPresent();
    assertThat(history.ear(Side.LEFT).hold()).isPresent();
    assertThat(history.ear(Side.LEFT).mayGoIn()).isEqualTo(MayGoIn.NONE);
    assertThat(visit.pressing()).isTrue();
    assertThat(visit.window().latest()).isEqualTo(day(12));
  }

  @Test
  void aReactionToATabletIsForTheVetButHoldsNoEar() {
    DogRecord dog =
        new TestDog()
            .quiet(10)
            .record()
            .plus(course(10, MedicineKind.TABLET))
            .plus(end(12, Cause.REACTION));

    assertThat(DogHistory.of(dog, day(12)).ear(Side.RIGHT).hold()).isEmpty();
    assertThat(days(dog, 12, PlanItem.Kind.VISIT, 60)).containsExactly(day(12));
  }

  @Test
  void whileItIsGivenTheEarIsOnlyWiped() {
    DogRecord dog = under(new TestDog().quiet(10), 10);

    assertThat(DogHistory.of(dog, day(12)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    assertThat(DogHistory.of(dog, day(12)).ear(Side.LEFT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    assertThat(DogHistory.of(dog, day(19)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    assertThat(DogHistory.of(dog, day(20)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
  }
}
