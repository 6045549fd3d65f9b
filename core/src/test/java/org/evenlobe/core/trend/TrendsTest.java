package org.evenlobe.core.trend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.Smear;
import org.evenlobe.core.trend.Change.Direction;
import org.evenlobe.core.trend.PeriodsCompared.Span;
import org.junit.jupiter.api.Test;

/** Flares as they are told, which ear leads, and one time against another. */
class TrendsTest {

  @Test
  void aFlareIsToldWithItsEarItsDaysAndTheSmear() {
    DogHistory history =
        DogHistory.of(
            new TestDog()
                .quiet(0)
                .check(10, "redness=3 swelling=1", "")
                .visit(12, TestDog.smear(Smear.Amount.MANY), EarVisit.NOTHING)
                .quiet(20, 24)
                .check(40, "", "redness=3")
                .record(),
            day(45));

    assertThat(FlareStory.of(history))
        .extracting(story -> Wording.METRIC.of(story.reason().sentence()))
        .containsExactly(
            "11 Apr 2026, left ear: score 3 at the worst, 5 days so far. No course. No smear.",
            "12 Mar 2026, right ear: score 4 at the worst, 14 days. No course. The vet's smear"
                + " showed an infection.");
  }

  @Test
  void anEarLeadsWhereItIsWorseByTwo() {
    Leading leading =
        Leading.of(
            DogHistory.of(
                    new TestDog()
                        .check(0, "redness=2", "")
                        .check(7, "redness=1", "")
                        .check(14, "", "redness=2 swelling=1")
                        .check(21, "redness=3", "redness=1")
                        .record(),
                    day(21))
                .checks());

    assertThat(leading.led()).isEqualTo(new EarPair<>(2, 1));
    assertThat(leading.even()).isEqualTo(1);
    assertThat(leading.reason().sentence())
        .isEqualTo("The right ear was worse by 2 or more at 2, the left at 1 of 4 checks.");
  }

  @Test
  void aTimeIsComparedWithAsManyDaysBeforeIt() {
    TestDog dog = new TestDog();
    for (int day = 0; day < 42; day += 7) {
      dog.check(day, "redness=2 swelling=1", "redness=2");
    }
    dog.quiet(42, 49, 56, 63, 70, 77);

    Span after = new Span(day(42), day(83));
    PeriodsCompared compared =
        PeriodsCompared.of(DogHistory.of(dog.record(), day(83)), after.before(), after);

    assertThat(after.before()).isEqualTo(new Span(day(0), day(41)));
    assertThat(compared.before().badDays()).isEqualTo(6);
    assertThat(compared.after().badDays()).isZero();
    assertThat(compared.score().direction()).isEqualTo(Direction.LOWER);
    assertThat(compared.itch().direction()).isEqualTo(Direction.NO_CLEAR_CHANGE);
    assertThat(compared.reason().sentence())
        .isEqualTo(
            "6 days with CAUTION or worse in the first 42 days, 0 days in the 42 days after.");
  }
}
