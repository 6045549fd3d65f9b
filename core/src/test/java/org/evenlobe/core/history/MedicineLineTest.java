package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarVisit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What medicine in an ear explains, and what it does not. */
class MedicineLineTest {

  private static DogHistory on(int day, TestDog dog) {
    return DogHistory.of(dog.record(), day(day));
  }

  private static Verdict right(int day, TestDog dog) {
    return on(day, dog).latest().orElseThrow().verdicts().right();
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "discharge is the medicine   | discharge=3:WATERY odour=WAXY | LEAVE",
        "pus that was there before   | discharge=2:YELLOW            | LEAVE",
        "blood                       | discharge=1:BLOODY            | URGENT",
        "redness                     | redness=3                     | STOP",
        "a sweet smell               | odour=SWEET                   | CAUTION",
      })
  void explainsWhatRunsOutOfIt(String what, String ear, Verdict verdict) {
    TestDog dog =
        new TestDog()
            .check(0, "discharge=2:GREEN", "")
            .visit(1, TestDog.medicine(7), EarVisit.NOTHING)
            .check(10, ear, "");

    assertThat(right(10, dog)).isEqualTo(verdict);
  }

  @Test
  void isOutThreeWholeDaysAfterTheLast() {
    TestDog dog = new TestDog().quiet(0).visit(1, TestDog.medicine(7), EarVisit.NOTHING);

    assertThat(right(10, dog.check(10, "discharge=2:WATERY", ""))).isEqualTo(Verdict.LEAVE);
    assertThat(right(11, dog.check(11, "discharge=2:WATERY", ""))).isEqualTo(Verdict.CAUTION);
  }

  @Test
  void makesPusThatIsNewAStop() {
    TestDog dog = new TestDog().quiet(0).visit(1, TestDog.medicine(7), EarVisit.NOTHING);

    assertThat(right(5, dog.check(5, "discharge=1:YELLOW", ""))).isEqualTo(Verdict.STOP);
  }

  @Test
  void leavesOnlyWipingWhileItIsGiven() {
    TestDog dog = new TestDog().quiet(0).visit(1, TestDog.medicine(7), EarVisit.NOTHING);

    assertThat(on(7, dog).ears().map(EarStands::mayGoIn))
        .isEqualTo(new EarPair<>(MayGoIn.WIPE, MayGoIn.IN_EAR));
    assertThat(on(10, dog).ear(Side.RIGHT).mayGoIn()).as("3 days on").isEqualTo(MayGoIn.WIPE);
    assertThat(on(11, dog).ear(Side.RIGHT).mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
  }
}
