package org.evenlobe.core.own;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.own.OwnCourseNow.State;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Reacted;
import org.evenlobe.core.suit.Suits;
import org.junit.jupiter.api.Test;

/** What somebody gives on their own, as it stands. */
class OwnCourseNowTest {
  private static final String STOP = "pain=2";

  private static OwnCourse drops(int from, Integer to) {
    return new OwnCourse(
        new UUID(50, 1),
        Moment.of(day(from).atTime(7, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE),
        "Oil drops",
        Set.of(Side.LEFT),
        Optional.empty(),
        HowOften.timesADay(1),
        day(from),
        Optional.ofNullable(to).map(TestDog::day),
        Optional.empty(),
        Optional.empty(),
        false);
  }

  private static OwnCourseNow now(TestDog dog, OwnCourse own, int day) {
    DogHistory history = DogHistory.of(dog.record().plus(own), day(day));
    return OwnCourseNow.of(
        own, history, Optional.empty(), side -> EarNow.of(history, side, Reacted.NOTHING));
  }

  @Test
  void goesOnUntilItsLastDay() {
    TestDog dog = new TestDog().quiet(0);

    assertThat(now(dog, drops(3, 9), 2).state()).isEqualTo(State.TO_COME);
    assertThat(now(dog, drops(3, 9), 9).state()).isEqualTo(State.GOES_ON);
    assertThat(now(dog, drops(3, 9), 10).state()).isEqualTo(State.OVER);
    assertThat(now(dog, drops(3, null), 90).state()).isEqualTo(State.GOES_ON);
  }

  @Test
  void stopEndsItWithTheReasonWhateverComesLater() {
    TestDog dog = new TestDog().quiet(0).check(5, "", STOP).quiet(8, 11);

    OwnCourseNow stopped = now(dog, drops(3, null), 12);

    assertThat(stopped.state()).isEqualTo(State.STOPPED);
    assertThat(stopped.endedOn()).contains(day(5));
    assertThat(stopped.ears()).isEmpty();
    assertThat(stopped.reasons().get(0).sentence()).contains("left ear", "tell your vet");
  }

  @Test
  void anotherEarsStopAndOneBeforeItDoNot() {
    TestDog dog = new TestDog().check(1, "", STOP).check(5, STOP, "");

    assertThat(now(dog, drops(3, null), 6).state()).isEqualTo(State.GOES_ON);
  }

  @Test
  void ofWhatIsNotKnownTheEarDecides() {
    assertThat(now(new TestDog().quiet(0), drops(0, null), 1).ears().get(Side.LEFT).suits())
        .isEqualTo(Suits.CARE);
    OwnCourseNow held = now(new TestDog().check(0, "", STOP), drops(1, null), 1);
    assertThat(held.ears().get(Side.LEFT).suits()).isEqualTo(Suits.NO);
  }
}
