package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.TestDog.hold;
import static org.evenlobe.core.TestDog.seen;
import static org.evenlobe.core.TestDog.smear;
import static org.evenlobe.core.TestDog.visited;

import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Signs;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.Courses;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Smear;
import org.evenlobe.core.record.StatedInfection;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DogHistoryTest {
  private static final String FOUL = "odour=FOUL";

  private static DogHistory on(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day));
  }

  private static Optional<Hold.Cause> cause(DogHistory history, Side side) {
    return history.ear(side).hold().map(Hold::cause);
  }

  @Nested
  class Holds {
    @Test
    void byStopIsOfThatEarOnly() {
      DogHistory history = on(0, new TestDog().check(0, FOUL, ""));

      assertThat(cause(history, Side.RIGHT)).contains(Hold.Cause.STOP);
      assertThat(cause(history, Side.LEFT)).isEmpty();
      assertThat(history.ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.NONE, MayGoIn.IN_EAR));
    }

    @Test
    void byUrgentIsOfBothEarsThoughOneShowsIt() {
      DogHistory history = on(0, new TestDog().check(0, "pain=3", ""));

      assertThat(cause(history, Side.RIGHT)).contains(Hold.Cause.URGENT);
      assertThat(cause(history, Side.LEFT)).contains(Hold.Cause.URGENT);
    }

    @Test
    void byStopIsLiftedByQuietChecksTwoDaysApartThatThePersonConfirms() {
      TestDog dog = new TestDog().check(0, FOUL, "").quiet(3, 4);
      assertThat(on(4, dog).ear(Side.RIGHT).hold().orElseThrow().mayConfirm()).isFalse();
      assertThat(on(4, dog).ear(Side.RIGHT).hold().orElseThrow().confirmableFrom())
          .contains(day(5));

      dog.quiet(5);
      assertThat(on(5, dog).ear(Side.RIGHT).hold().orElseThrow().mayConfirm()).isTrue();
      assertThat(cause(on(40, dog), Side.RIGHT)).as("never silently").contains(Hold.Cause.STOP);

      dog.release(5, Side.RIGHT);
      assertThat(cause(on(5, dog), Side.RIGHT)).isEmpty();
    }

    @Test
    void isNotLiftedByAConfirmationThatComesTooEarly() {
      TestDog dog = new TestDog().check(0, FOUL, "").quiet(3).release(3, Side.RIGHT).quiet(5);

      assertThat(cause(on(5, dog), Side.RIGHT)).contains(Hold.Cause.STOP);
    }

    @Test
    void countsQuietChecksAnewAfterOneThatIsNot() {
      TestDog dog = new TestDog().check(0, FOUL, "").quiet(3).check(4, "redness=2", "").quiet(5);

      assertThat(on(5, dog).ear(Side.RIGHT).hold().orElseThrow().mayConfirm()).isFalse();
    }

    @Test
    void countsThatEarsQuietChecksWhateverTheOtherOneShows() {
      TestDog dog =
          new TestDog().check(0, FOUL, "").check(3, "", "redness=2").check(5, "", "redness=2");

      assertThat(on(5, dog).ear(Side.RIGHT).hold().orElseThrow().mayConfirm()).isTrue();
    }

    @Test
    void byUrgentIsLiftedByAVetsWordOnly() {
      TestDog dog = new TestDog().check(0, "", "", "balanceLoss").quiet(3, 6, 9);
      dog.release(9, Side.RIGHT);
      assertThat(cause(on(9, dog), Side.RIGHT)).contains(Hold.Cause.URGENT);
      assertThat(on(9, dog).ear(Side.RIGHT).hold().orElseThrow().mayConfirm()).isFalse();

      dog.visit(10, hold(HoldWord.LIFTED), EarVisit.NOTHING);
      assertThat(cause(on(10, dog), Side.RIGHT)).isEmpty();
      assertThat(cause(on(10, dog), Side.LEFT)).as("of which nothing was said").isPresent();
    }

    @Test
    void byAVetStandsUntilAVetLiftsIt() {
      TestDog dog = new TestDog().visit(0, hold(HoldWord.SET), EarVisit.NOTHING).quiet(3, 6);
      dog.release(6, Side.RIGHT);
      DogHistory history = on(6, dog);

      assertThat(cause(history, Side.RIGHT)).contains(Hold.Cause.VET);
      assertThat(history.latest().orElseThrow().verdicts())
          .isEqualTo(new EarPair<>(Verdict.STOP, Verdict.LEAVE));
      assertThat(history.latest().orElseThrow().sign()).isEqualTo(Verdict.LEAVE);

      dog.visit(7, hold(HoldWord.LIFTED), EarVisit.NOTHING);
      assertThat(cause(on(7, dog), Side.RIGHT)).isEmpty();
    }

    @Test
    void byTheEardrumEndsWhenAVetSeesItWhole() {
      TestDog dog = new TestDog().visit(0, seen(EardrumSeen.NOT_INTACT), EarVisit.NOTHING);
      dog.visit(5, hold(HoldWord.LIFTED), EarVisit.NOTHING);
      assertThat(cause(on(5, dog), Side.RIGHT)).contains(Hold.Cause.EARDRUM);

      dog.visit(20, seen(EardrumSeen.INTACT), EarVisit.NOTHING);
      assertThat(cause(on(20, dog), Side.RIGHT)).isEmpty();
    }

    @Test
    void opensAgainWithTheNextStop() {
      TestDog dog =
          new TestDog().check(0, FOUL, "").visit(1, hold(HoldWord.LIFTED), EarVisit.NOTHING);
      assertThat(cause(on(1, dog), Side.RIGHT)).isEmpty();

      dog.check(9, FOUL, "");
      assertThat(on(9, dog).ear(Side.RIGHT).hold().orElseThrow().since()).isEqualTo(day(9));
    }

    @Test
    void takesNoFactAfterTodayIntoAccount() {
      TestDog dog = new TestDog().quiet(0).check(5, FOUL, "");

      assertThat(cause(on(4, dog), Side.RIGHT)).isEmpty();
    }
  }

  @Nested
  class WhatMayGoIn {
    private final TestDog examined = new TestDog().eardrum(Eardrum.Status.SEEN_INTACT, 0);

    @Test
    void isLiquidWhileNothingIsOnRecordThoughNobodyHasLooked() {
      DogHistory history = on(3, new TestDog().quiet(0));

      assertThat(history.ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
      assertThat(history.intake().get(0).sentence())
          .contains("ask your vet to look, at the next visit");
    }

    @Test
    void isAWipeForAnEardrumNotKnownAfterTroubleOfThatEar() {
      TestDog dog = new TestDog().check(0, "", FOUL).quiet(7, 9).release(9, Side.LEFT);

      assertThat(on(9, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.IN_EAR, MayGoIn.WIPE));
    }

    @Test
    void isAWipeForAnEardrumNotKnownWithAStatedInfection() {
      TestDog dog = new TestDog().infections(InfectionHistory.ONE).quiet(0);

      assertThat(on(0, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    }

    @ParameterizedTest
    @CsvSource({
      "2026-03, RIGHT, 20, WIPE, IN_EAR",
      "2026-03, , 20, WIPE, WIPE",
      "2025-03, , 28, WIPE, WIPE",
      "2025-03, , 30, IN_EAR, IN_EAR",
      "2026-03, LEFT, 390, IN_EAR, WIPE",
      "2026-03, LEFT, 394, IN_EAR, IN_EAR"
    })
    void isAWipeForAYearAfterTheMonthOfAStatedInfectionOfThatEar(
        YearMonth month, Side ear, int today, MayGoIn right, MayGoIn left) {
      TestDog dog = new TestDog().infected(new StatedInfection(month, Optional.ofNullable(ear)));

      assertThat(on(today, dog.quiet(today)).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(right, left));
    }

    @Test
    void isAWipeAfterFailedHearingUntilItPassesAgain() {
      TestDog dog = new TestDog().check(0, "hearing=DID_NOT_TURN", "").quiet(3);
      assertThat(on(3, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));

      dog.check(6, "hearing=TURNED", "");
      assertThat(on(6, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }

    @Test
    void isLiquidAgainOnceAVetHasSeenTheEardrumWhole() {
      TestDog dog =
          new TestDog()
              .check(0, FOUL, "")
              .visit(1, visited(EardrumSeen.INTACT, HoldWord.LIFTED), EarVisit.NOTHING)
              .quiet(4);

      assertThat(on(4, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.IN_EAR, MayGoIn.IN_EAR));
    }

    @Test
    void standsHoweverLongAgoTheEardrumWasSeen() {
      TestDog dog = examined.infections(InfectionHistory.ONE).quiet(1);

      assertThat(on(1000, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }

    @Test
    void isInDoubtAfterThirtyDaysOfCautionInOneFlare() {
      TestDog dog = examined;
      for (int day = 3; day <= 33; day += 3) {
        dog.check(day, "redness=2", "");
        assertThat(on(day, dog).ear(Side.RIGHT).eardrum())
            .as("day %d", day)
            .isEqualTo(day < 33 ? EardrumKnown.INTACT : EardrumKnown.NOT_KNOWN);
      }
      assertThat(on(33, dog).ear(Side.LEFT).eardrum()).isEqualTo(EardrumKnown.INTACT);
    }

    @Test
    void isAWipeForTwelveMonthsAfterAStopOfThatEar() {
      TestDog dog =
          new TestDog()
              .check(0, FOUL, "")
              .visit(1, hold(HoldWord.LIFTED), EarVisit.NOTHING)
              .quiet(2, 9);

      assertThat(on(364, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));
      assertThat(on(374, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }

    /** No check ever showed anything: what is remembered is the medicine's harm alone. */
    @Test
    void isAWipeForTwelveMonthsAfterMedicineHarmedThatEar() {
      Course course = Courses.course("8 @ 08:00 20:00 x 7", day(0), 0);
      TestDog dog =
          new TestDog()
              .with(course)
              .with(
                  new CourseEnd(
                      new UUID(41, 2),
                      Moment.of(
                          day(3).atTime(12, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE),
                      course.id(),
                      CourseEnd.Cause.REACTION,
                      Optional.empty()))
              .visit(4, hold(HoldWord.LIFTED), hold(HoldWord.LIFTED))
              .quiet(5, 12);

      assertThat(on(360, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));
      assertThat(on(370, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }

    @Test
    void isAWipeForBothEarsAfterAHeadTiltUntilAVetLookedAtTheDrum() {
      TestDog dog =
          new TestDog()
              .check(0, "", "", "headTilt")
              .visit(1, hold(HoldWord.LIFTED), visited(EardrumSeen.INTACT, HoldWord.LIFTED))
              .quiet(2);

      assertThat(on(2, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));
    }

    @Test
    void lapsesAtOnceWithAStopInThatEar() {
      TestDog dog = examined.check(5, FOUL, "").quiet(8, 10).release(10, Side.RIGHT);

      assertThat(on(10, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));
    }

    @Test
    void isAWipeUnderCaution() {
      DogHistory history = on(5, examined.check(5, "redness=2", ""));

      assertThat(history.ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));
    }
  }

  @Nested
  class WhatIsNormal {
    @Test
    void isTheMiddleOfTheLastQuietChecksThreeAtLeast() {
      TestDog dog = new TestDog().check(0, "discharge=1:TAN_WAX odour=WAXY", "").quiet(7);
      assertThat(on(7, dog).normal().right()).isEmpty();

      dog.check(14, "discharge=1:BROWN odour=WAXY redness=1", "");
      EarFinding normal = on(14, dog).normal().right().orElseThrow();
      assertThat(normal).isEqualTo(Signs.ear("discharge=1:TAN_WAX odour=WAXY"));
    }

    @Test
    void isWhatANewCheckStartsFrom() {
      TestDog dog = new TestDog();
      assertThat(on(0, dog).startsFrom()).contains(EarPair.both(EarFinding.NOTHING));

      dog.check(0, "odour=WAXY", "").check(7, "odour=WAXY", "").check(14, "odour=WAXY", "");
      assertThat(on(14, dog).startsFrom().orElseThrow().right().odour()).isEqualTo(Odour.WAXY);
    }

    @Test
    void isNotPreFilledUnderAHoldOrAfterCaution() {
      assertThat(on(0, new TestDog().check(0, "redness=2", "")).startsFrom()).isEmpty();
      TestDog held = new TestDog().check(0, FOUL, "").quiet(3);
      assertThat(on(3, held).startsFrom()).isEmpty();
    }

    @Test
    void letsADiagnosedAllergicDogItchAsMuchAsItAlwaysDoes() {
      TestDog dog = new TestDog().allergy(Allergy.DIAGNOSED);
      for (int week = 0; week < 3; week++) {
        dog.check(week * 7, "", "", "scratching=2");
      }
      assertThat(on(14, dog).checks().get(2).sign())
          .as("not learned yet")
          .isEqualTo(Verdict.CAUTION);

      dog.check(21, "", "", "scratching=2");
      assertThat(on(21, dog).latest().orElseThrow().sign()).isEqualTo(Verdict.LEAVE);
      dog.check(28, "", "", "scratching=3");
      assertThat(on(28, dog).latest().orElseThrow().sign()).isEqualTo(Verdict.CAUTION);
    }

    @Test
    void letsNormalItchRiseOnlyWithAVetsVisit() {
      TestDog dog = new TestDog().allergy(Allergy.DIAGNOSED);
      for (int week = 0; week < 4; week++) {
        dog.check(week * 7, "", "", "scratching=1");
      }
      for (int week = 4; week < 12; week++) {
        dog.check(week * 7, "", "", "scratching=2");
      }
      assertThat(on(77, dog).latest().orElseThrow().sign()).isEqualTo(Verdict.CAUTION);

      dog.visit(80, EarVisit.NOTHING, EarVisit.NOTHING).check(84, "", "", "scratching=2");
      assertThat(on(84, dog).latest().orElseThrow().sign()).isEqualTo(Verdict.LEAVE);
    }
  }

  @Nested
  class Flares {
    @Test
    void areOneStopOrTwoChecksThatAskForCaution() {
      assertThat(on(0, new TestDog().check(0, "redness=2", "")).flares()).isEmpty();
      assertThat(on(0, new TestDog().check(0, FOUL, "")).flares()).hasSize(1);
      assertThat(on(3, new TestDog().check(0, "redness=2", "").check(3, "redness=2", "")).flares())
          .containsExactly(
              new Flare(
                  day(0), Optional.empty(), List.of(Side.RIGHT), List.of(Side.RIGHT), 2, false));
    }

    @Test
    void areNoFlareWhereOneQuietCheckLiesBetween() {
      TestDog dog = new TestDog().check(0, "redness=2", "").quiet(3).check(6, "redness=2", "");

      assertThat(on(6, dog).flares()).isEmpty();
    }

    @Test
    void endAtTheSecondQuietCheckInARow() {
      TestDog dog =
          new TestDog()
              .check(0, "redness=2", "redness=3 swelling=1")
              .quiet(3)
              .check(6, "redness=2", "")
              .quiet(9, 12);

      assertThat(on(12, dog).flares())
          .containsExactly(
              new Flare(
                  day(0),
                  Optional.of(day(12)),
                  List.of(Side.RIGHT, Side.LEFT),
                  List.of(Side.RIGHT, Side.LEFT),
                  4,
                  false));
    }

    @Test
    void countAsInfectionsWhereTheMicroscopeConfirmedThem() {
      TestDog dog =
          new TestDog()
              .infections(InfectionHistory.TWO_OR_MORE)
              .check(0, FOUL, "")
              .visit(1, smear(Smear.Amount.MANY), EarVisit.NOTHING)
              .quiet(4, 7);
      assertThat(on(100, dog).flares().get(0).confirmed()).isTrue();
      assertThat(on(100, dog).infections())
          .as("the larger")
          .isEqualTo(InfectionHistory.TWO_OR_MORE);
      assertThat(on(366, dog).infections()).as("the records alone").isEqualTo(InfectionHistory.ONE);
      assertThat(on(380, dog).infections()).isEqualTo(InfectionHistory.NONE);
    }

    @Test
    void andCautionWithinNinetyDaysMakeTheRecordUnquiet() {
      TestDog dog = new TestDog().check(0, "redness=2", "").quiet(3);
      assertThat(on(90, dog).isQuiet()).isFalse();
      assertThat(on(91, dog).isQuiet()).isTrue();

      TestDog flared = new TestDog().check(0, FOUL, "").quiet(3, 6);
      assertThat(on(200, flared).isQuiet()).isFalse();
      assertThat(on(372, flared).isQuiet()).isTrue();
    }
  }

  @Nested
  class AnOldCheck {
    @Test
    void isJudgedByWhatWasKnownThen() {
      TestDog dog = new TestDog().check(0, "", "").check(7, "hearing=TURNED", "");
      dog.check(14, "hearing=DID_NOT_TURN", "").quiet(16).check(21, "hearing=DID_NOT_TURN", "");
      DogRecord record = dog.record();
      CheckVerdict second =
          DogHistory.upTo(record, record.checks().get(2)).latestVerdict().orElseThrow();
      CheckVerdict last =
          DogHistory.upTo(record, record.checks().get(4)).latestVerdict().orElseThrow();

      assertThat(second.ears().right().verdict()).isEqualTo(Verdict.CAUTION);
      assertThat(second.holds().right()).isEmpty();
      assertThat(last.ears().right().verdict()).isEqualTo(Verdict.URGENT);
      assertThat(last.advice().now()).isEqualTo("Call your vet and go today.");
    }

    @Test
    void saysForHowManyChecksAnEarHasBeenTheWorseOne() {
      TestDog dog = new TestDog().check(0, "redness=1 discharge=1:BROWN", "");
      dog.check(7, "redness=2", "");
      CheckVerdict verdict = on(7, dog).latestVerdict().orElseThrow();

      assertThat(verdict.evenness().worse()).contains(Side.RIGHT);
      assertThat(verdict.evenness().reasons().get(1).sentence())
          .startsWith("The right ear has been the worse one at 2 checks running.");
    }
  }
}
