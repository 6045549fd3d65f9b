package org.evenlobe.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.TestDog.day;

import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.EarVisit;
import org.junit.jupiter.api.Test;

/** Slow worsening that no single check shows (rule TREND_DRIFT). */
class DriftLineTest {

  private static TestDog usuallyNothing() {
    return new TestDog().quiet(0, 7, 14, 21, 28);
  }

  private static Optional<Drift> drift(TestDog dog, int today) {
    return DogHistory.of(dog.record(), day(today)).drift(Side.RIGHT);
  }

  private static TestDog red(TestDog dog, int... days) {
    for (int day : days) {
      dog.check(day, "redness=1", "");
    }
    return dog;
  }

  @Test
  void aScoreOfOneAboveTheUsualAlarmsAtTheSixth() {
    TestDog dog = red(usuallyNothing(), 35, 42, 49, 56);

    // at the first four checks the sum is 0.5, 1, 1.5 and 2; what is usual stays as it was
    assertThat(drift(dog, 56).orElseThrow().sum()).isEqualTo(2.0);
    assertThat(drift(dog, 56).orElseThrow().alarms()).isFalse();
    Drift sixth = drift(red(dog, 63, 70), 70).orElseThrow();
    assertThat(sixth.sum()).isEqualTo(3.0);
    assertThat(sixth.alarms()).isTrue();
    assertThat(Wording.METRIC.of(sixth.reason(Side.RIGHT).sentence()))
        .contains("right ear")
        .contains("1 on 6 Apr 2026, 1 on 13 Apr 2026")
        .contains("Have a vet look into it");
  }

  @Test
  void itSaysNothingBeforeFiveQuietChecks() {
    assertThat(drift(red(new TestDog().quiet(0, 7, 14), 21, 28), 28)).isEmpty();
  }

  @Test
  void whatTheCleaningCycleLaysDownIsNoDrift() {
    TestDog dog = usuallyNothing();
    for (int day : new int[] {35, 42, 49, 56, 63, 70}) {
      dog.check(day, "discharge=1:TAN_WAX", "");
    }

    assertThat(drift(dog, 70)).isEmpty();
  }

  @Test
  void whatIsUsualIsTheMeanOfTheLastEightQuietChecks() {
    // 1, 1 and six of 0 in the last eight: 0.25
    TestDog dog = new TestDog().quiet(0, 7).check(8, "redness=1", "").check(9, "redness=1", "");
    dog.quiet(16, 23, 30, 37, 44, 51);

    Drift drift = drift(dog.check(58, "redness=2", ""), 58).orElseThrow();

    assertThat(drift.baseline()).isEqualTo(0.25);
    assertThat(drift.sum()).isCloseTo(1.25, within(1e-12));
  }

  @Test
  void aVisitBeginsItAnewAndACallDoesNot() {
    TestDog called =
        red(usuallyNothing(), 35, 42, 49, 56).call(57, EarVisit.NOTHING, EarVisit.NOTHING);
    TestDog visited =
        red(usuallyNothing(), 35, 42, 49, 56).visit(57, EarVisit.NOTHING, EarVisit.NOTHING);

    assertThat(drift(called, 57)).isPresent();
    assertThat(drift(visited, 57)).isEmpty();
  }

  @Test
  void twoWeeksAtTheUsualBeginItAnew() {
    TestDog dog = usuallyNothing().check(35, "redness=1 swelling=1", "", "scratching=1");
    // sum 1.5; a quiet check takes 0.5 away, so that the third empties it at the latest
    dog.check(36, "redness=2 swelling=1", "");
    assertThat(drift(dog, 36).orElseThrow().sum()).isEqualTo(4.0);
    assertThat(drift(dog.quiet(43), 43).orElseThrow().sum()).isEqualTo(3.5);
    assertThat(drift(dog.quiet(50), 50)).isPresent();
    assertThat(drift(dog.quiet(57), 57)).isEmpty();
  }

  @Test
  void eachEarHasItsOwn() {
    TestDog dog = red(usuallyNothing(), 35, 42, 49);

    assertThat(DogHistory.of(dog.record(), day(49)).drift(Side.LEFT)).isEmpty();
  }
}
