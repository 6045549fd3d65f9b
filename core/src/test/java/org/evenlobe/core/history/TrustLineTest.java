package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Rung;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrustLineTest {
  private static final EarCleaning WIPED = EarCleaning.unmeasured(CleaningMethod.WIPE, new Load(1));
  private static final EarCleaning FILLED =
      EarCleaning.unmeasured(CleaningMethod.FILL, new Load(1));

  private static Trust on(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day)).trust();
  }

  @Test
  void calmOnTwoDaysInARowOfPracticesIsUpOne() {
    TestDog dog =
        new TestDog()
            .stands(Rung.HOLD_UP, 0)
            .practised(1, Rung.HOLD_UP, Handled.CALM)
            .practised(3, Rung.HOLD_UP, Handled.CALM);

    assertThat(on(1, dog).rung()).isEqualTo(Rung.HOLD_UP);
    assertThat(on(1, dog).calmOnce()).isTrue();
    assertThat(on(3, dog).rung()).isEqualTo(Rung.DRY_PAD);
    assertThat(on(3, dog).calmOnce()).isFalse();
    assertThat(on(3, dog).reasons().get(0).sentence()).contains("up to step 4");
  }

  @Test
  void twiceOnOneDayIsOnce() {
    TestDog dog =
        new TestDog()
            .stands(Rung.FOLD, 0)
            .practised(1, Rung.FOLD, Handled.CALM)
            .practised(1, Rung.FOLD, Handled.CALM);

    assertThat(on(1, dog).rung()).isEqualTo(Rung.FOLD);
  }

  @Test
  void anUneasyOneBetweenThemBeginsAgain() {
    TestDog dog =
        new TestDog()
            .stands(Rung.FOLD, 0)
            .practised(1, Rung.FOLD, Handled.CALM)
            .practised(3, Rung.FOLD, Handled.UNEASY)
            .practised(5, Rung.FOLD, Handled.CALM);

    assertThat(on(5, dog).rung()).isEqualTo(Rung.FOLD);
    assertThat(on(5, dog).calmOnce()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "DRY_PAD, STRUGGLED, DRY_PAD",
    "DRY_PAD, HAD_TO_STOP, FOLD",
    "FOLD, HAD_TO_STOP, TOUCH",
    "TOUCH, STRUGGLED, TOUCH"
  })
  void oneStruggleIsABadDayAndAStopIsDownTwo(Rung from, Handled how, Rung to) {
    TestDog dog = new TestDog().stands(from, 0).practised(1, from, how);

    assertThat(on(1, dog).rung()).isEqualTo(to);
  }

  @Test
  void twoStrugglesRunningAreDownOne() {
    TestDog twice =
        new TestDog()
            .stands(Rung.DRY_PAD, 0)
            .practised(1, Rung.DRY_PAD, Handled.STRUGGLED)
            .practised(2, Rung.DRY_PAD, Handled.AS_ALWAYS)
            .practised(3, Rung.DRY_PAD, Handled.STRUGGLED);
    TestDog calmBetween =
        new TestDog()
            .stands(Rung.DRY_PAD, 0)
            .practised(1, Rung.DRY_PAD, Handled.STRUGGLED)
            .practised(2, Rung.DRY_PAD, Handled.CALM)
            .practised(3, Rung.DRY_PAD, Handled.STRUGGLED);

    assertThat(on(3, twice).rung()).as("as it always is changes nothing").isEqualTo(Rung.HOLD_UP);
    assertThat(on(3, calmBetween).rung()).isEqualTo(Rung.DRY_PAD);
  }

  @Test
  void aStruggleLowerDownCountsFromThere() {
    TestDog dog =
        new TestDog()
            .stands(Rung.WET_PAD, 0)
            .practised(1, Rung.HOLD_UP, Handled.STRUGGLED)
            .practised(2, Rung.HOLD_UP, Handled.STRUGGLED);

    assertThat(on(2, dog).rung()).isEqualTo(Rung.FOLD);
  }

  @Test
  void calmLowerDownTeachesNothing() {
    TestDog dog =
        new TestDog()
            .stands(Rung.WET_PAD, 0)
            .practised(1, Rung.FOLD, Handled.CALM)
            .practised(3, Rung.FOLD, Handled.CALM);

    assertThat(on(3, dog).rung()).isEqualTo(Rung.WET_PAD);
  }

  @Test
  void wipingCountsAsTheFifthRungAndLiquidAsTheSixth() {
    TestDog wiped =
        new TestDog()
            .stands(Rung.WET_PAD, 0)
            .cleaned(1, WIPED, Handled.CALM, 300)
            .cleaned(4, WIPED, Handled.CALM, 300);
    TestDog filled = new TestDog().cleaned(1, FILLED, Handled.HAD_TO_STOP, 300);

    assertThat(on(4, wiped).rung()).isEqualTo(Rung.FULL_SESSION);
    assertThat(on(1, filled).rung()).isEqualTo(Rung.DRY_PAD);
  }

  @Test
  void whatWasSaidOfALaterDayStandsAboveEarlierPractices() {
    TestDog dog =
        new TestDog().practised(1, Rung.FOLD, Handled.HAD_TO_STOP).stands(Rung.DRY_PAD, 5);

    assertThat(on(9, dog).rung()).isEqualTo(Rung.DRY_PAD);
    assertThat(on(9, dog).handledOn()).isEqualTo(Optional.empty());
  }

  @Test
  void practicesOfLaterDaysDoNotCount() {
    TestDog dog = new TestDog().stands(Rung.FOLD, 0).practised(9, Rung.FOLD, Handled.HAD_TO_STOP);

    assertThat(on(8, dog).rung()).isEqualTo(Rung.FOLD);
  }
}
