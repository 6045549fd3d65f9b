package org.evenlobe.core.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
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
            point -> assertThat(point.words()).isEqualTo("white-vinegar (it stung, 2 Mar 2026)"));
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
        .extracting(line -> line.about() + ": " + line.words())
        .startsWith(
            "The dog: Fen, Beagle, 2 years",
            "Both ears: The head is tilted to one side.",
            "Right ear: The odour is foul. Redness, moderate (2).",
            "Scores: right 2, left 0 of 12",
            "Since: first seen on 11 Mar 2026, 3 days ago",
            "Last cleaned: the left ear 11 days ago, filled",
            "Eardrums: both not seen by a vet lately");
  }
}
