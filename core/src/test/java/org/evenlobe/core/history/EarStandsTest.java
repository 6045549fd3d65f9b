package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Signs;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.EarStands.Because;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.LightLook.Change;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.ToldAsked;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How one ear stands, by what is known of it, and by what nobody knows. */
class EarStandsTest {
  private static final String PUS = "redness=2 pain=2 odour=FOUL discharge=2:YELLOW";
  private static final UUID TOLD = new UUID(77, 1);

  private static EarStands right(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day)).ear(Side.RIGHT);
  }

  private static EarStands left(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day)).ear(Side.LEFT);
  }

  private static Moment at(int day) {
    return Moment.of(day(day).atTime(9, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE);
  }

  /** The groomer tells that of the right ear, or of the dog. */
  private static Told told(int day, Told.Seen... seen) {
    return new Told(
        TOLD,
        at(day),
        "Rona at the parlour",
        Taker.GROOMER,
        Set.of(),
        Set.of(),
        Optional.empty(),
        Optional.empty(),
        new EarPair<>(
            new Told.EarTold(Set.of(seen), false, Optional.empty(), Optional.empty()),
            Told.EarTold.NOTHING),
        Set.of(),
        Optional.empty(),
        true);
  }

  private static CheckRecord looked(
      int day, EarFinding right, EarFinding left, ToldAsked... asked) {
    return new CheckRecord(
        new UUID(78, day),
        at(day),
        new EarPair<>(right, left),
        Signs.dog(""),
        Optional.empty(),
        List.of(asked));
  }

  private static ToldAsked answered(Told.Seen seen, ToldAsked.Is is) {
    return new ToldAsked(
        TOLD, seen, seen.isOfTheDog() ? Optional.empty() : Optional.of(Side.RIGHT), is);
  }

  @Nested
  class WhatOthersTold {

    @ParameterizedTest
    @EnumSource
    void closesTheEarUntilSomebodyHasLookedAndAnswered(Told.Seen seen) {
      TestDog dog = new TestDog().quiet(0).with(told(2, seen));

      EarStands stands = right(3, dog);

      assertThat(stands.mayGoIn()).isEqualTo(MayGoIn.NONE);
      assertThat(stands.because()).isEqualTo(Because.TOLD);
      assertThat(stands.since()).isEqualTo(day(2));
      assertThat(stands.wantsVetAsTold()).isEqualTo(seen.isForTheVet());
      assertThat(left(3, dog).mayGoIn())
          .isEqualTo(seen.isOfTheDog() || seen.isForTheVet() ? MayGoIn.NONE : MayGoIn.IN_EAR);
    }

    @Test
    void staysThroughALookThatDidNotAskForIt() {
      TestDog dog = new TestDog().quiet(0).with(told(2, Told.Seen.HURTS, Told.Seen.SMELL)).quiet(3);

      assertThat(right(4, dog).because()).isEqualTo(Because.TOLD);
      assertThat(right(4, dog).told().get(0).seen())
          .containsExactlyInAnyOrder(Told.Seen.HURTS, Told.Seen.SMELL);
    }

    @ParameterizedTest
    @CsvSource({"NOW, WIPE", "THEN, WIPE", "NO, IN_EAR"})
    void isAnsweredByName(ToldAsked.Is is, MayGoIn may) {
      TestDog dog =
          new TestDog()
              .quiet(0)
              .with(told(2, Told.Seen.HURTS))
              .with(looked(3, Signs.ear(""), Signs.ear(""), answered(Told.Seen.HURTS, is)));

      assertThat(right(4, dog).told()).isEmpty();
      assertThat(right(4, dog).mayGoIn()).isEqualTo(may);
    }

    @Test
    void isAnsweredByACheckOfTheSameMinuteThoughThatStandsBeforeIt() {
      TestDog dog =
          new TestDog()
              .quiet(0)
              .with(
                  looked(
                      2, Signs.ear(""), Signs.ear(""), answered(Told.Seen.HURTS, ToldAsked.Is.NO)))
              .with(told(2, Told.Seen.HURTS, Told.Seen.SMELL));

      assertThat(right(2, dog).told().get(0).seen()).containsExactly(Told.Seen.SMELL);
    }

    @Test
    void isNotAnsweredByALookThatCouldNotBeHad() {
      TestDog dog =
          new TestDog()
              .quiet(0)
              .with(told(2, Told.Seen.HURTS))
              .with(
                  looked(
                      3,
                      EarFinding.NOT_SEEN,
                      Signs.ear(""),
                      answered(Told.Seen.HURTS, ToldAsked.Is.NO)));

      assertThat(right(4, dog).told()).hasSize(1);
    }

    @Test
    void endsWithAVisit() {
      TestDog dog =
          new TestDog()
              .quiet(0)
              .with(told(2, Told.Seen.TILTS))
              .visit(3, EarVisit.NOTHING, EarVisit.NOTHING);

      assertThat(right(4, dog).told()).isEmpty();
    }
  }

  @Nested
  class AnEarThatNobodyCouldSee {

    @Test
    void isNeitherWellNorForTheVetAndNothingGoesIn() {
      TestDog dog = new TestDog().with(looked(0, EarFinding.NOT_SEEN, Signs.ear("")));

      EarStands stands = right(1, dog);

      assertThat(stands.verdict()).isEqualTo(Verdict.NOT_SEEN);
      assertThat(stands.mayGoIn()).isEqualTo(MayGoIn.NONE);
      assertThat(stands.unseen()).isPresent();
      assertThat(stands.looked()).isFalse();
      assertThat(stands.hold()).isEmpty();
      assertThat(left(1, dog).looked()).isTrue();
    }

    @Test
    void keepsWhatItShowedWhenItWasLastSeen() {
      TestDog dog =
          new TestDog().check(0, PUS, "").with(looked(1, EarFinding.NOT_SEEN, Signs.ear("")));

      assertThat(right(2, dog).hold()).isPresent();
      assertThat(right(2, dog).found().odour()).isEqualTo(Signs.ear(PUS).odour());
    }

    @Test
    void isNoQuietEarThoughMedicineIsInIt() {
      TestDog dog =
          new TestDog()
              .visit(0, TestDog.medicine(9), EarVisit.NOTHING)
              .with(looked(1, EarFinding.NOT_SEEN, Signs.ear("")));

      assertThat(right(2, dog).because()).isEqualTo(Because.NOT_SEEN);
      assertThat(right(2, dog).mayGoIn()).isEqualTo(MayGoIn.NONE);
    }

    @Test
    void opensAgainWithALook() {
      TestDog dog =
          new TestDog().with(looked(0, EarFinding.NOT_SEEN, EarFinding.NOT_SEEN)).quiet(1);

      assertThat(right(2, dog).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
      assertThat(right(2, dog).unseen()).isEmpty();
    }
  }

  @Test
  void aPuppyIsOnlyWiped() {
    TestDog puppy = new TestDog().bornOn(day(-56)).quiet(0);

    assertThat(right(1, puppy).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    assertThat(right(1, puppy).because()).isEqualTo(Because.PUPPY);
  }

  @ParameterizedTest
  @CsvSource({"27, WIPE", "28, IN_EAR"})
  void aPuppyIsOneUntilItIsTwelveWeeksOld(int day, MayGoIn may) {
    TestDog puppy = new TestDog().bornOn(day(-56)).quiet(day);

    assertThat(right(day, puppy).mayGoIn()).isEqualTo(may);
  }

  @Nested
  class UnderAnOrder {

    private TestDog ordered() {
      EarVisit twice =
          TestDog.order(CleaningInstruction.clean(HowOften.timesADay(2), Optional.of(day(10))));
      return new TestDog().check(0, PUS, "").visit(1, twice, EarVisit.NOTHING);
    }

    @Test
    void keepsItsOwnSignsThoughTheyAreCovered() {
      EarStands stands = right(4, ordered().check(4, PUS, ""));

      assertThat(stands.covered()).isTrue();
      assertThat(stands.verdict().isQuiet()).isTrue();
      assertThat(stands.sign().isQuiet()).isFalse();
      assertThat(stands.mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
      assertThat(stands.because()).isEqualTo(Because.ORDERED);
    }

    @Test
    void worseAndNotItselfIsCalledBeforeAnythingGoesIn() {
      EarStands stands = right(4, ordered().look(4, Change.WORSE, true));

      assertThat(stands.mayGoIn()).isEqualTo(MayGoIn.NONE);
      assertThat(stands.order()).isPresent();
    }

    @Test
    void onceIsDoneWithAndEnds() {
      EarVisit once = TestDog.order(CleaningInstruction.clean(HowOften.once(), Optional.empty()));
      TestDog dog =
          new TestDog().check(0, PUS, "").visit(1, once, EarVisit.NOTHING).cleaned(2, Side.RIGHT);

      assertThat(right(1, dog).ordersCleaning()).isPresent();
      assertThat(right(3, dog).ordersCleaning()).isEmpty();
    }

    @Test
    void withoutAnEndIsAskedAfterFourWeeks() {
      EarVisit daily =
          TestDog.order(CleaningInstruction.clean(HowOften.timesADay(1), Optional.empty()));
      TestDog dog = new TestDog().check(0, "redness=1", "").visit(1, daily, EarVisit.NOTHING);
      for (int day = 4; day <= 40; day += 4) {
        dog.quiet(day);
      }

      assertThat(right(40, dog).askedFrom()).isPresent();
    }
  }
}
