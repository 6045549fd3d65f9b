package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.util.List;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.DietStep;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.junit.jupiter.api.Test;

/** The talk about the cause, and the milestones of a diet trial, in the plan. */
class CausePlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final String STOP = "pain=2";

  private static List<PlanItem> items(DogRecord dog, int today, PlanItem.Kind kind) {
    return PLANNER.plan(dog, Preferences.DEFAULT, day(today)).items().stream()
        .filter(item -> item.kind() == kind)
        .toList();
  }

  /** A flare that begins on a day, seen by a vet, who lifts the hold. */
  private static TestDog flare(TestDog dog, int day) {
    return dog.check(day, STOP, "")
        .visit(
            day + 1,
            TestDog.visited(EardrumSeen.INTACT, HoldWord.LIFTED),
            TestDog.visited(EardrumSeen.INTACT, HoldWord.LIFTED))
        .quiet(day + 5, day + 9);
  }

  @Test
  void twoFlaresInAYearProposeATalkOnce() {
    TestDog dog = flare(flare(new TestDog(), 0), 200);

    List<PlanItem> talk = items(dog.record(), 202, PlanItem.Kind.TALK);

    assertThat(talk).hasSize(1);
    assertThat(talk.get(0).window().best()).isEqualTo(day(214));
    assertThat(talk.get(0).reasons().get(0).sentence()).startsWith("2 flares within 12 months");
    assertThat(
            items(
                dog.skip(203, talk.get(0).id(), "We have talked.").record(),
                204,
                PlanItem.Kind.TALK))
        .isEmpty();
    assertThat(items(dog.record(), 261, PlanItem.Kind.TALK)).isEmpty();
  }

  @Test
  void oneFlareOrTwoThatAreFurtherApartDoNot() {
    assertThat(items(flare(new TestDog(), 0).record(), 2, PlanItem.Kind.TALK)).isEmpty();
    assertThat(items(flare(flare(new TestDog(), 0), 366).record(), 368, PlanItem.Kind.TALK))
        .isEmpty();
  }

  @Test
  void whileTheVetIsToSeeItAtOnceThatIsSaidAlone() {
    DogRecord dog = flare(new TestDog(), 0).check(200, STOP, "").record();

    assertThat(items(dog, 200, PlanItem.Kind.TALK)).isEmpty();
    assertThat(items(dog, 200, PlanItem.Kind.VISIT)).isNotEmpty();
  }

  private static Moment at(int day) {
    return Moment.of(day(day).atTime(9, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE);
  }

  @Test
  void aTrialsMilestonesFollowEachOther() {
    UUID trial = new UUID(60, 1);
    DogRecord dog =
        new TestDog()
            .quiet(0)
            .record()
            .plus(new DietTrial(trial, at(0), "duck", "millet", List.of(), List.of(), day(0), 30));

    assertThat(items(dog, 1, PlanItem.Kind.DIET))
        .extracting(item -> item.window().best())
        .containsExactly(day(29));
    assertThat(items(dog, 30, PlanItem.Kind.DIET))
        .extracting(item -> item.reasons().get(0).sentence())
        .first()
        .asString()
        .contains("Now the old food for 14 days");
    DogRecord back =
        dog.plus(new DietStep(new UUID(62, 1), at(31), trial, DietStep.News.OLD_FOOD_BACK));
    assertThat(items(back, 32, PlanItem.Kind.DIET))
        .extracting(item -> item.window().best())
        .containsExactly(day(44));
    assertThat(
            items(
                back.plus(new DietStep(new UUID(62, 2), at(45), trial, DietStep.News.NO_WORSE)),
                46,
                PlanItem.Kind.DIET))
        .isEmpty();
  }
}
