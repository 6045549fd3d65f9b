package org.evenlobe.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdvisingTest {

  private static Advice advice(TestDog dog, int day) {
    return DogHistory.of(dog.record(), day(day)).latestVerdict().orElseThrow().advice();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "''|''|''|Leave both ears alone.",
        "discharge=2:BROWN|''|''|Clean the right ear, today or tomorrow.",
        "discharge=2:BROWN|discharge=2:BROWN|''|Clean both ears, today or tomorrow.",
        "''|redness=2|''|Wipe only what you can see of the left ear, and look again in 3 days.",
        "odour=FOUL|''|''|Pour nothing into the right ear; call your vet today or tomorrow.",
        "odour=FOUL|''|headTilt|Call your vet and go today.",
      })
  void saysTheMostPressingThingInOneSentence(String right, String left, String dog, String now) {
    assertThat(advice(new TestDog().check(0, right, left, dog), 0).now()).isEqualTo(now);
  }

  @Test
  void saysWhatTheBetterEarWants() {
    Advice advice = advice(new TestDog().check(0, "odour=FOUL", "discharge=2:BROWN"), 0);

    assertThat(advice.steps())
        .contains("The left ear is waxy: cleaning it is worth it, with a cloth of its own.");
  }

  @Test
  void neverSendsLiquidIntoAnEarThatIsHeldThoughItIsWaxy() {
    TestDog dog = new TestDog().check(0, "odour=FOUL", "").check(3, "discharge=2:BROWN", "");

    assertThat(advice(dog, 3).now())
        .isEqualTo("Quiet, but the right ear is still held: pour nothing in.");
    assertThat(advice(dog, 3).steps())
        .anyMatch(step -> step.startsWith("The right ear stays held"));
  }

  @Test
  void saysThatAHoldMayBeConfirmedToBeOver() {
    TestDog dog = new TestDog().check(0, "odour=FOUL", "").quiet(3, 5);

    assertThat(advice(dog, 5).steps())
        .contains(
            "The right ear has been quiet long enough: you may confirm that its hold is over.");
  }

  @Test
  void saysThatOnlyWipingIsLeftWhereTheEardrumIsDoubtful() {
    TestDog dog =
        new TestDog().check(0, "hearing=DID_NOT_TURN", "").check(3, "discharge=2:BROWN", "");

    assertThat(advice(dog, 3).now())
        .isEqualTo("Wipe what you can see of the right ear, today or tomorrow.");
  }
}
