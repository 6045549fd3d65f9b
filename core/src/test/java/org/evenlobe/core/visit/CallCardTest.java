package org.evenlobe.core.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.course.Courses;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.OwnCourse;
import org.junit.jupiter.api.Test;

class CallCardTest {

  private static Optional<CallCard> card(TestDog dog, int day) {
    return CallCards.card(
        dog.record(),
        DogHistory.of(dog.record(), day(day)),
        Optional.of("Beagle"),
        reaction -> reaction.ingredient().orElseThrow(),
        day(day));
  }

  @Test
  void namesWhatItHasReactedTo() {
    TestDog dog = new TestDog().check(0, "redness=2", "").reacted(0, "white-vinegar");

    assertThat(card(dog, 0).orElseThrow().points())
        .filteredOn(point -> point.about().equals("Has reacted to"))
        .singleElement()
        .satisfies(
            point ->
                assertThat(Wording.METRIC.of(point.words()))
                    .isEqualTo("white-vinegar (it stung, 2 Mar 2026)"));
  }

  @Test
  void isThereOnlyWhereAVetMayBeAsked() {
    assertThat(card(new TestDog(), 0)).isEmpty();
    assertThat(card(new TestDog().check(0, "discharge=2:BROWN", ""), 0)).isEmpty();
    assertThat(card(new TestDog().check(0, "redness=2", ""), 0)).isPresent();
    assertThat(card(new TestDog().check(0, "odour=FOUL", "").quiet(3), 3)).isPresent();
  }

  @Test
  void saysWhoWhatSinceWhenAndWhatWentIn() {
    TestDog dog =
        new TestDog()
            .bornOn(day(-800))
            .cleaned(1, Side.LEFT)
            .quiet(2)
            .check(9, "redness=2", "")
            .check(12, "redness=2 odour=FOUL", "", "headTilt");

    assertThat(card(dog, 12).orElseThrow().points())
        .extracting(line -> line.about() + ": " + Wording.METRIC.of(line.words()))
        .startsWith(
            "The dog: Fen, Beagle, 2 years",
            "Both ears: The head is tilted to one side.",
            "Right ear: The odour is foul. Redness, moderate (2).",
            "Scores: right 2, left 0 of 12",
            "Since: first seen on 11 Mar 2026, 3 days ago",
            "Last cleaned: the left ear 11 days ago, filled",
            "Eardrums: both not seen by a vet lately");
  }

  @Test
  void namesWhatIsGivenByAVetsWordAndOnTheirOwn() {
    DogRecord dog =
        new TestDog()
            .check(0, "redness=2", "")
            .record()
            .plus(Courses.course("8 @ 08:00 20:00 x 7", day(-3), 0))
            .plus(own(day(-9), Optional.empty()))
            .plus(own(day(-90), Optional.of(day(-60))));

    assertThat(
            CallCards.card(
                    dog, DogHistory.of(dog, day(0)), Optional.empty(), reaction -> "", day(0))
                .orElseThrow()
                .points())
        .extracting(line -> line.about() + ": " + Wording.METRIC.of(line.words()))
        .filteredOn(line -> line.startsWith("Medicine") || line.startsWith("On their own"))
        .containsExactly(
            "Medicine: Marsh drops, right ear, from 27 Feb 2026, until 5 Mar 2026",
            "On their own: Oil drops, left ear, once a day, from 21 Feb 2026");
  }

  private static OwnCourse own(LocalDate from, Optional<LocalDate> to) {
    return new OwnCourse(
        UUID.randomUUID(),
        Moment.of(from.atStartOfDay(TestDog.ZONE).toInstant(), TestDog.ZONE),
        "Oil drops",
        Set.of(Side.LEFT),
        Optional.empty(),
        HowOften.timesADay(1),
        from,
        to,
        Optional.empty(),
        Optional.empty(),
        false);
  }
}
