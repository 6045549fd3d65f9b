package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarCleaning.Noticed;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Hurt;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Rung;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is seen, smelled or felt while cleaning the right ear. */
class FoundCleaningTest {

  private static DogHistory on(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day));
  }

  private static Noticed noticed(String colour, String odour, String hurt) {
    return new Noticed(
        Optional.empty(),
        Optional.empty(),
        Optional.ofNullable(colour).map(DischargeKind::valueOf),
        Optional.ofNullable(odour).map(Odour::valueOf),
        Optional.empty(),
        Optional.ofNullable(hurt).map(Hurt::valueOf));
  }

  @ParameterizedTest
  @CsvSource({
    ", , , LEAVE",
    "BROWN, WAXY, , LEAVE",
    "WATERY, , , LEAVE",
    "BLACK, , , LEAVE",
    "YELLOW, , , STOP",
    "GREEN, , , STOP",
    "BLOODY, , , STOP",
    "COFFEE_GROUNDS, , , CAUTION",
    ", SWEET, , CAUTION",
    ", FOUL, , STOP",
    ", , FLINCHED, CAUTION",
    ", , CRIED_OUT, STOP",
    "COFFEE_GROUNDS, SWEET, FLINCHED, CAUTION"
  })
  void isJudgedAtOnce(String colour, String odour, String hurt, Verdict verdict) {
    DogHistory history = on(3, new TestDog().showed(3, noticed(colour, odour, hurt)));

    assertThat(history.ear(Side.RIGHT).verdict()).isEqualTo(verdict);
    assertThat(history.ear(Side.RIGHT).hold().isPresent()).isEqualTo(verdict == Verdict.STOP);
    assertThat(history.ear(Side.LEFT).hold()).isEmpty();
  }

  @Test
  void isJudgedTogetherWithTheCheckOfTheDay() {
    TestDog dog = new TestDog().check(3, "discharge=2:TAN_WAX", "", "scratching=2 pawed=RIGHT");
    dog.showed(3, noticed("COFFEE_GROUNDS", null, null));

    assertThat(on(3, dog).ear(Side.RIGHT).verdict()).isEqualTo(Verdict.STOP);
  }

  @Test
  void leavesOnlyWipingWhereItIsCaution() {
    assertThat(
            on(3, new TestDog().showed(3, noticed(null, "SWEET", null))).ear(Side.RIGHT).mayGoIn())
        .isEqualTo(MayGoIn.WIPE);
  }

  @Test
  void lapsesNoEardrumAndDoesNotNarrowWhereTheNextCheckIsQuiet() {
    TestDog dog = new TestDog().eardrum(Eardrum.Status.SEEN_INTACT, 0);
    dog.showed(3, noticed("GREEN", null, null)).quiet(4, 6).release(6, Side.RIGHT);

    assertThat(on(6, dog).ear(Side.RIGHT).eardrum()).isEqualTo(EardrumKnown.INTACT);
    assertThat(on(6, dog).flares()).isEmpty();
    TestDog unseen = new TestDog().showed(3, noticed("GREEN", null, null));
    unseen.quiet(4, 6).release(6, Side.RIGHT);
    assertThat(on(6, unseen).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
  }

  @Test
  void countsWhereNoQuietCheckFollowsInTime() {
    TestDog dog = new TestDog().showed(3, noticed("GREEN", null, null));
    dog.quiet(7, 9).release(9, Side.RIGHT);

    assertThat(on(9, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.WIPE);
    assertThat(on(9, dog).flares()).hasSize(1);
  }

  @Test
  void isNoCheckForTheNextOneThatIsDue() {
    assertThat(on(3, new TestDog().showed(3, noticed("GREEN", null, null))).checks()).isEmpty();
  }

  @Test
  void thatItHurtLowersNoTrust() {
    TestDog dog = new TestDog().stands(Rung.FULL_SESSION, 0);
    dog.showed(3, noticed(null, null, "CRIED_OUT"));

    assertThat(on(3, dog).trust().rung()).isEqualTo(Rung.FULL_SESSION);
  }

  @Test
  void isCoveredByAVetsOrderLikeAnyOtherSign() {
    EarVisit daily =
        TestDog.order(CleaningInstruction.clean(HowOften.timesADay(1), Optional.of(day(10))));
    TestDog dog = new TestDog().check(0, "discharge=2:GREEN pain=1", "");
    dog.visit(1, daily, EarVisit.NOTHING);

    assertThat(on(2, dog.showed(2, noticed("GREEN", null, "FLINCHED"))).ear(Side.RIGHT).hold())
        .isEmpty();
    assertThat(on(3, dog.showed(3, noticed(null, null, "CRIED_OUT"))).ear(Side.RIGHT).hold())
        .map(Hold::cause)
        .contains(Hold.Cause.STOP);
  }

  @Test
  void isHeldAgainstNoReferenceWhereThereIsNone() {
    EarVisit daily =
        TestDog.order(CleaningInstruction.clean(HowOften.timesADay(1), Optional.of(day(10))));
    TestDog dog = new TestDog().visit(1, daily, EarVisit.NOTHING);

    assertThat(on(1, dog.showed(1, noticed("GREEN", null, null))).ear(Side.RIGHT).hold())
        .isPresent();
  }
}
