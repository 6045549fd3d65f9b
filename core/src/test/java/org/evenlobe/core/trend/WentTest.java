package org.evenlobe.core.trend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.LightLook;
import org.junit.jupiter.api.Test;

/** How an ear went over some days. */
class WentTest {

  private static Went went(TestDog dog, Side ear, int from, int to) {
    return Went.of(DogHistory.of(dog.record(), day(40)), ear, day(from), day(to));
  }

  @Test
  void itsChecksStandAgainstTheFirstAndItsLooksBetween() {
    TestDog dog =
        new TestDog()
            .check(1, "redness=3 swelling=3", "")
            .check(3, "redness=2 swelling=2", "")
            .look(4, LightLook.Change.BETTER, false)
            .check(6, "redness=1 swelling=1", "")
            .quiet(20);

    Went right = went(dog, Side.RIGHT, 2, 10);

    assertThat(right.points())
        .extracting(Went.WentPoint::day)
        .containsExactly(day(3), day(4), day(6));
    assertThat(right.points().get(1).look()).isEqualTo(Optional.of(LightLook.Change.BETTER));
    assertThat(right.reason().sentence())
        .isEqualTo(
            "Right ear: score 2 of 12 at the latest check, 2 less than at first (4, by 2 checks).");
  }

  @Test
  void oneCheckIsNoComparisonAndNoneIsSaid() {
    TestDog dog = new TestDog().check(3, "redness=2", "");

    assertThat(went(dog, Side.RIGHT, 2, 10).reason().sentence()).contains("no second one yet");
    assertThat(went(dog, Side.RIGHT, 5, 10).reason().sentence()).contains("no check on record");
    assertThat(went(dog.check(5, "redness=2", ""), Side.RIGHT, 2, 10).reason().sentence())
        .contains("as at first");
  }
}
