package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.TestDog.goOn;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.LightLook.Change;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a vet's order covers, and what it does not. Unless said, it is given on day 1. */
class VetOrderTest {
  private static final String SORE = "redness=2 swelling=1 pain=1 odour=SWEET discharge=2:BROWN";

  private static DogHistory on(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day));
  }

  private static EarVisit twiceADay() {
    return TestDog.order(CleaningInstruction.clean(HowOften.timesADay(2), Optional.of(day(10))));
  }

  private static CleaningInstruction untilDayTen(boolean allTheSame) {
    return new CleaningInstruction(
        Optional.of(HowOften.timesADay(1)),
        Optional.empty(),
        Optional.empty(),
        Optional.of(day(10)),
        false,
        allTheSame);
  }

  /** Sore on day 0, seen by the vet on day 1. */
  private static TestDog seen() {
    return new TestDog().check(0, SORE, "").visit(1, twiceADay(), EarVisit.NOTHING);
  }

  private static Verdict right(int day, TestDog dog) {
    return on(day, dog).latest().orElseThrow().verdicts().right();
  }

  @Nested
  class ACheckUnderIt {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
        delimiter = '|',
        value = {
          "as the vet saw it         | redness=2 swelling=1 pain=1 odour=SWEET discharge=2:BROWN | | CLEAN",
          "one more of the score     | redness=3 swelling=1 pain=1 odour=SWEET discharge=2:BROWN | | CLEAN",
          "two more of the score     | redness=3 swelling=2 pain=1 odour=SWEET discharge=2:BROWN | | STOP",
          "nothing at all            | | | CLEAN",
          "more pain                 | redness=2 pain=2 | | STOP",
          "pain as severe as can be  | redness=2 pain=3 | | URGENT",
          "foul instead of sweet     | redness=2 odour=FOUL | | STOP",
          "black, mild               | redness=2 discharge=1:BLACK | | CLEAN",
          "black, moderate           | redness=2 discharge=2:BLACK | | STOP",
          "yellow                    | redness=2 discharge=1:YELLOW | | STOP",
          "blood                     | redness=2 discharge=1:BLOODY | | URGENT",
          "a cut                     | redness=2 seen=CUT | | STOP",
          "something stuck           | seen=FOREIGN_BODY | | URGENT",
          "a tick that stays         | seen=TICK_STUCK | | STOP",
          "hair that blocks          | redness=2 seen=HAIR_BLOCKING | | CLEAN",
          "deaf on that side         | redness=2 hearing=DID_NOT_TURN | | STOP",
          "the head tilts            | redness=2 | headTilt | URGENT",
          "itch alone                | | shaking=2 | CLEAN",
        })
    void isHeldAgainstWhatTheVetSaw(String what, String ear, String dog, Verdict verdict) {
      TestDog told = seen().check(4, ear == null ? "" : ear, "", dog == null ? "" : dog);

      assertThat(right(4, told)).isEqualTo(verdict);
    }

    @Test
    void saysWhy() {
      CheckVerdict verdict =
          on(4, seen().check(4, "redness=2 pain=2", "")).latestVerdict().orElseThrow();

      assertThat(verdict.ears().right().reasons().get(0).reason().sentence())
          .isEqualTo("Pain, moderate (2); it was mild (1) when the vet saw it.");
      assertThat(verdict.advice().now()).startsWith("Worse than when the vet saw it: call");
      CheckVerdict same = on(4, seen().check(4, SORE, "")).latestVerdict().orElseThrow();
      assertThat(same.ears().right().reasons().get(0).reason().rule()).isEqualTo(Rule.CHECK_ORDER);
      assertThat(same.advice().now()).isEqualTo("Go on as your vet ordered with the right ear.");
    }

    @Test
    void opensAHoldWhereItIsWorseAndNoneWhereItIsCovered() {
      assertThat(on(4, seen().check(4, SORE, "")).ear(Side.RIGHT).hold()).isEmpty();
      DogHistory worse = on(4, seen().check(4, "redness=2 odour=FOUL", ""));
      assertThat(worse.ear(Side.RIGHT).hold().map(Hold::cause)).contains(Hold.Cause.STOP);
      assertThat(worse.ear(Side.LEFT).hold()).isEmpty();
      assertThat(worse.ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.NONE);
    }

    @Test
    void changesNothingInTheOtherEar() {
      TestDog dog = seen().check(4, SORE, SORE);

      assertThat(on(4, dog).latest().orElseThrow().verdicts())
          .isEqualTo(new EarPair<>(Verdict.CLEAN, Verdict.CAUTION));
      assertThat(on(4, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.IN_EAR, MayGoIn.WIPE));
    }

    @Test
    void ofTheOtherEarThatIsUrgentHoldsThisOneToo() {
      assertThat(on(4, seen().check(4, SORE, "pain=3")).ear(Side.RIGHT).hold().map(Hold::cause))
          .contains(Hold.Cause.URGENT);
    }
  }

  @Nested
  class TheReference {
    @Test
    void coversSignsOfTheWholeDogInBothEars() {
      TestDog dog =
          new TestDog()
              .check(0, "redness=2", "", "headTilt")
              .visit(1, twiceADay(), TestDog.hold(HoldWord.LIFTED))
              .check(3, "redness=2", "", "headTilt");

      assertThat(on(3, dog).latest().orElseThrow().verdicts())
          .isEqualTo(new EarPair<>(Verdict.CLEAN, Verdict.LEAVE));
      assertThat(on(3, dog).ear(Side.RIGHT).hold()).isEmpty();
      assertThat(on(3, dog).ear(Side.LEFT).hold()).isEmpty();
    }

    @Test
    void isTheFirstCheckOfTheDayOrTheTwoDaysAfterAndExcusesNothingUrgent() {
      TestDog dog = new TestDog().visit(1, twiceADay(), EarVisit.NOTHING);
      assertThat(on(1, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.NONE);
      assertThat(on(1, dog).ear(Side.RIGHT).checkFirst()).isTrue();

      assertThat(right(3, dog.check(3, "odour=FOUL redness=3", ""))).isEqualTo(Verdict.CLEAN);
      assertThat(on(3, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);

      TestDog urgent = new TestDog().visit(1, twiceADay(), EarVisit.NOTHING);
      assertThat(right(3, urgent.check(3, "discharge=1:BLOODY", ""))).isEqualTo(Verdict.URGENT);
    }

    @Test
    void isNoCheckThatCameLater() {
      TestDog dog = new TestDog().visit(1, twiceADay(), EarVisit.NOTHING);

      assertThat(right(4, dog.check(4, "odour=FOUL", ""))).isEqualTo(Verdict.STOP);
    }

    @Test
    void isNoCheckOfMoreThanSevenDaysBefore() {
      TestDog dog =
          new TestDog()
              .check(0, "odour=FOUL", "")
              .visit(8, twiceADay(), EarVisit.NOTHING)
              .check(9, "odour=FOUL", "");
      assertThat(right(9, dog)).as("a week before").isEqualTo(Verdict.CLEAN);

      TestDog late =
          new TestDog().check(0, "redness=2", "").visit(8, twiceADay(), EarVisit.NOTHING);
      assertThat(on(7, late).ear(Side.RIGHT).order()).isEmpty();
      assertThat(on(8, late).ear(Side.RIGHT).checkFirst()).isTrue();
    }

    @Test
    void isTakenAfreshWhereTheVetSaidToGoOn() {
      TestDog dog = seen().check(4, "redness=2 odour=FOUL", "").visit(5, goOn(), EarVisit.NOTHING);
      assertThat(on(5, dog).ear(Side.RIGHT).hold()).isEmpty();
      assertThat(on(5, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);

      assertThat(right(6, dog.check(6, "redness=2 odour=FOUL", ""))).isEqualTo(Verdict.CLEAN);
    }

    @Test
    void staysWhereNobodySaidSo() {
      TestDog dog =
          seen().check(4, "redness=2 odour=FOUL", "").visit(5, EarVisit.NOTHING, EarVisit.NOTHING);

      assertThat(on(5, dog).ear(Side.RIGHT).hold().map(Hold::cause)).contains(Hold.Cause.STOP);
      assertThat(right(6, dog.check(6, "redness=2 odour=FOUL", ""))).isEqualTo(Verdict.STOP);
    }
  }

  @Nested
  class GoingOn {
    @Test
    void liftsWhatHeldBothWhereTheWholeDogWasUrgent() {
      TestDog dog = seen().check(4, SORE, "", "headTilt");
      assertThat(on(4, dog).ear(Side.LEFT).hold()).isPresent();

      DogHistory history = on(5, dog.call(5, goOn(), EarVisit.NOTHING));
      assertThat(history.ear(Side.RIGHT).hold()).isEmpty();
      assertThat(history.ear(Side.LEFT).hold()).isEmpty();
    }

    @Test
    void liftsNothingThatAnEarUnderNoOrderHoldsByItself() {
      TestDog dog = seen().check(4, "redness=2 pain=3", "pain=3").call(5, goOn(), EarVisit.NOTHING);

      assertThat(on(5, dog).ear(Side.RIGHT).hold().map(Hold::cause))
          .as("the left ear's holds both, and no vet has heard of that")
          .contains(Hold.Cause.URGENT);
      assertThat(on(5, dog).ear(Side.LEFT).hold().map(Hold::cause)).contains(Hold.Cause.URGENT);
    }

    @Test
    void withoutAnOrderLiftsNothing() {
      TestDog dog = new TestDog().check(0, "", "pain=3").call(1, goOn(), EarVisit.NOTHING);

      assertThat(on(1, dog).ear(Side.RIGHT).hold()).isPresent();
      assertThat(on(1, dog).ear(Side.LEFT).hold()).isPresent();
    }

    @Test
    void leavesWhatAVetSetForAfterTheOrder() {
      EarVisit held = TestDog.order(EardrumSeen.NOT_SEEN, untilDayTen(true), HoldWord.SET);
      TestDog dog = new TestDog().check(0, SORE, "").visit(1, held, EarVisit.NOTHING);
      dog.check(4, "redness=2 odour=FOUL", "").call(5, goOn(), EarVisit.NOTHING).check(6, "", "");

      assertThat(on(6, dog).ear(Side.RIGHT).hold()).as("all the same").isEmpty();
      assertThat(on(11, dog).ear(Side.RIGHT).hold().map(Hold::cause)).contains(Hold.Cause.VET);
    }
  }

  @Nested
  class TheCover {
    @Test
    void endsWithTheFirstQuietCheck() {
      TestDog dog = seen().check(3, "redness=1", "");
      assertThat(on(3, dog).ear(Side.RIGHT).covered()).isFalse();
      assertThat(on(3, dog).ear(Side.RIGHT).mayGoIn()).as("as ordered").isEqualTo(MayGoIn.IN_EAR);

      assertThat(right(5, dog.check(5, "redness=2", ""))).isEqualTo(Verdict.CAUTION);
      assertThat(on(5, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    }

    @Test
    void lastsTwentyEightDaysAtMost() {
      EarVisit open =
          TestDog.order(CleaningInstruction.clean(HowOften.everyDays(3), Optional.empty()));
      TestDog dog = new TestDog().check(0, SORE, "").visit(1, open, EarVisit.NOTHING);
      for (int day = 4; day <= 28; day += 3) {
        dog.check(day, SORE, "");
      }

      assertThat(on(28, dog).ear(Side.RIGHT).covered()).isTrue();
      assertThat(on(29, dog).ear(Side.RIGHT).covered()).isFalse();
      assertThat(on(29, dog).ear(Side.RIGHT).hold()).as("no STOP by its signs").isEmpty();
      assertThat(right(31, dog.check(31, SORE, ""))).isEqualTo(Verdict.CAUTION);
    }

    @Test
    void leavesAHoldBehindWhereTheLastCheckWasOneForTheVet() {
      TestDog dog =
          new TestDog()
              .check(0, "odour=FOUL", "")
              .visit(1, twiceADay(), EarVisit.NOTHING)
              .check(4, "odour=FOUL", "")
              .check(7, "odour=FOUL", "");

      assertThat(on(10, dog).ear(Side.RIGHT).hold()).isEmpty();
      Hold hold = on(11, dog).ear(Side.RIGHT).hold().orElseThrow();
      assertThat(hold.cause()).isEqualTo(Hold.Cause.STOP);
      assertThat(hold.since()).isEqualTo(day(11));
      assertThat(on(11, dog).ear(Side.RIGHT).order()).isEmpty();
    }

    @Test
    void asksForACheckWhereThereWasNone() {
      TestDog dog = seen();

      assertThat(on(10, dog).ear(Side.RIGHT).checkFirst()).isFalse();
      assertThat(on(11, dog).ear(Side.RIGHT).checkFirst()).isTrue();
      assertThat(on(11, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.NONE);
      assertThat(on(12, dog.quiet(12)).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }

    @Test
    void opensNoFlareThatNarrowsButOneAllTheSame() {
      TestDog dog = new TestDog().visit(1, twiceADay(), EarVisit.NOTHING);
      dog.check(2, SORE, "").check(5, SORE, "").quiet(8, 11);

      assertThat(on(11, dog).flares()).hasSize(1);
      assertThat(on(11, dog).flares().get(0).ears()).containsExactly(Side.RIGHT);
      assertThat(on(11, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }
  }

  @Nested
  class WhatMayGoIn {
    @Test
    void isByItsMethod() {
      EarVisit wipe =
          TestDog.order(
              new CleaningInstruction(
                  Optional.of(HowOften.timesADay(1)),
                  Optional.of(CleaningMethod.WIPE),
                  Optional.empty(),
                  Optional.empty(),
                  false,
                  false));
      TestDog dog = new TestDog().check(0, SORE, "").visit(1, wipe, EarVisit.NOTHING);

      assertThat(on(1, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    }

    @Test
    void isAWipeWhileSomethingIsToBeDoneFirst() {
      TestDog dog = seen().check(2, SORE + " seen=MAT_UNDER_FLAP", "");

      assertThat(on(2, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    }

    @Test
    void isNothingForATornEardrumUnlessItIsAllTheSame() {
      TestDog torn = new TestDog().check(0, SORE, "").visit(1, torn(false), EarVisit.NOTHING);
      assertThat(on(1, torn).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.NONE);
      assertThat(right(2, torn.check(2, SORE, ""))).isEqualTo(Verdict.STOP);

      TestDog same = new TestDog().check(0, SORE, "").visit(1, torn(true), EarVisit.NOTHING);
      assertThat(on(1, same).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
      assertThat(right(2, same.check(2, SORE, ""))).isEqualTo(Verdict.CLEAN);
      assertThat(on(11, same).ear(Side.RIGHT).hold().map(Hold::cause)).contains(Hold.Cause.EARDRUM);
    }

    private static EarVisit torn(boolean allTheSame) {
      return TestDog.order(EardrumSeen.NOT_INTACT, untilDayTen(allTheSame), HoldWord.NOTHING_SAID);
    }

    @Test
    void isNothingAfterALookThatSaysWorseUntilAFullCheck() {
      TestDog dog = seen().look(2, Change.WORSE, false);
      assertThat(on(2, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.NONE, MayGoIn.IN_EAR));

      assertThat(on(2, seen().look(2, Change.SAME, true)).ear(Side.RIGHT).mayGoIn())
          .isEqualTo(MayGoIn.NONE);
      assertThat(on(2, seen().look(2, Change.BETTER, false)).ear(Side.RIGHT).mayGoIn())
          .isEqualTo(MayGoIn.IN_EAR);
      assertThat(on(3, dog.check(3, SORE, "")).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }

    @Test
    void isNothingWhereItIsToBeLeftAlone() {
      EarVisit alone = TestDog.order(CleaningInstruction.leaveAlone(Optional.of(day(10))));
      TestDog dog = new TestDog().quiet(0).visit(1, alone, EarVisit.NOTHING);

      assertThat(on(10, dog).ears().map(EarStands::mayGoIn))
          .isEqualTo(new EarPair<>(MayGoIn.NONE, MayGoIn.IN_EAR));
      assertThat(on(11, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
    }
  }

  @Nested
  class TheOrder {
    @Test
    void liftsTheHoldFromItsDayOn() {
      TestDog dog = new TestDog().check(0, "odour=FOUL", "");
      assertThat(on(0, dog).ear(Side.RIGHT).hold()).isPresent();

      assertThat(on(1, dog.visit(1, twiceADay(), EarVisit.NOTHING)).ear(Side.RIGHT).hold())
          .isEmpty();
    }

    @Test
    void isEndedByAHoldThatIsSetLater() {
      TestDog dog = seen().visit(3, TestDog.hold(HoldWord.SET), EarVisit.NOTHING);

      assertThat(on(3, dog).ear(Side.RIGHT).order()).isEmpty();
      assertThat(on(3, dog).ear(Side.RIGHT).hold().map(Hold::cause)).contains(Hold.Cause.VET);
    }

    @Test
    void untilTheNextVisitIsEndedByOneButNotByACall() {
      EarVisit order =
          TestDog.order(
              new CleaningInstruction(
                  Optional.of(HowOften.timesADay(1)),
                  Optional.empty(),
                  Optional.empty(),
                  Optional.empty(),
                  true,
                  false));
      TestDog dog = new TestDog().check(0, SORE, "").visit(1, order, EarVisit.NOTHING);

      assertThat(on(5, dog.call(5, EarVisit.NOTHING, EarVisit.NOTHING)).ear(Side.RIGHT).order())
          .isPresent();
      assertThat(on(6, dog.visit(6, EarVisit.NOTHING, EarVisit.NOTHING)).ear(Side.RIGHT).order())
          .isEmpty();
    }

    @Test
    void isNoBetterFromTheThirdDayOn() {
      assertThat(on(2, seen().check(2, SORE, "")).ear(Side.RIGHT).noBetter()).isFalse();
      assertThat(on(3, seen().check(3, SORE, "")).ear(Side.RIGHT).noBetter()).isTrue();
      assertThat(on(3, seen().check(3, "redness=2 pain=1", "")).ear(Side.RIGHT).noBetter())
          .isFalse();
    }

    @Test
    void fallsOnItsWeekdaysAndHours() {
      assertThat(HowOften.on(Set.of(DayOfWeek.MONDAY, DayOfWeek.THURSDAY)).shortestGap())
          .isEqualTo(3);
      assertThat(HowOften.on(Set.of(DayOfWeek.SUNDAY)).shortestGap()).isEqualTo(7);
      assertThat(HowOften.timesADay(2).hours())
          .map(Object::toString)
          .isEqualTo(List.of("08:00", "20:00"));
      assertThat(HowOften.timesADay(4).hours())
          .map(Object::toString)
          .isEqualTo(List.of("07:00", "12:00", "17:00", "22:00"));
      assertThat(HowOften.timesADay(1).hours()).isEmpty();
    }
  }
}
