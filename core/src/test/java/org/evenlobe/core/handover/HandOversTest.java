package org.evenlobe.core.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.handover.HandOver.HandOverPart;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Season;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.rule.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What whoever takes a dog is told. */
class HandOversTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final int TODAY = 10;

  private static HandOver page(DogRecord dog, Taker taker, int from, int until) {
    return HandOvers.of(
        new HandOvers.Stay(
            taker,
            day(from),
            day(until),
            day(TODAY).atTime(9, 0).atZone(TestDog.ZONE).toInstant(),
            TestDog.ZONE),
        DogHistory.of(dog, day(TODAY)),
        PLANNER.plan(dog, Preferences.DEFAULT, day(TODAY)),
        CleaningWays.DEFAULT,
        new HandOvers.Naming(
            item -> item.kind().name(), reaction -> "the old drops", Optional.of("Marsh cleaner")));
  }

  private static List<String> part(HandOver page, String title) {
    return page.parts().stream()
        .filter(part -> part.title().equals(title))
        .map(HandOverPart::lines)
        .flatMap(List::stream)
        .map(Reason::sentence)
        .toList();
  }

  @Test
  void aSitterIsToldWhatFallsIntoTheirDaysAndNoMore() {
    HandOver page = page(new TestDog().quiet(0, 7).record(), Taker.SITTER, 12, 16);

    assertThat(part(page, "In these days").stream().map(Wording.METRIC::of))
        .containsExactly("16 Mar 2026: CHECK.");
    assertThat(part(page, "What may go into the ears"))
        .containsExactly(
            "Right ear: Marsh cleaner, only on the days above, up to what the canal takes at body"
                + " warmth, never from a cold bottle.",
            "Left ear: Marsh cleaner, only on the days above, up to what the canal takes at body"
                + " warmth, never from a cold bottle.");
  }

  @Test
  void aGroomerPoursNothingWhateverTheEarsAllow() {
    HandOver page = page(new TestDog().quiet(0, 7).record(), Taker.GROOMER, 12, 16);

    assertThat(part(page, "In these days")).isEmpty();
    assertThat(part(page, "What may go into the ears"))
        .allMatch(line -> line.contains("nothing poured"));
    assertThat(part(page, "Please do not"))
        .anyMatch(line -> line.startsWith("No water into the ears."))
        .contains("Do not pluck or trim hair inside the ears.");
  }

  @Test
  void aDogWhoseTroubleFollowsWaterHasNoSwimThere() {
    UUID swims = new UUID(9, 9);
    TestDog dog =
        new TestDog()
            .quiet(0, 7)
            .expects(swims, 1, ExposureKind.SWIM, Season.ALL_YEAR, DayOfWeek.SATURDAY);

    assertThat(part(page(dog.record(), Taker.SITTER, 11, 17), "In these days"))
        .anyMatch(line -> line.endsWith("DRY."));
    assertThat(part(page(dog.waterSensitive().record(), Taker.SITTER, 11, 17), "In these days"))
        .noneMatch(line -> line.endsWith("DRY."));
  }

  @ParameterizedTest
  @EnumSource(Taker.class)
  void anEarOnHoldComesFirstWithItsReason(Taker taker) {
    DogRecord dog =
        new TestDog()
            .visit(
                8,
                TestDog.visited(EardrumSeen.NOT_INTACT, HoldWord.SET),
                TestDog.seen(EardrumSeen.INTACT))
            .record();

    HandOver page = page(dog, taker, 11, 12);

    assertThat(page.parts().get(0).title()).isEqualTo("Please do not");
    assertThat(part(page, "Please do not").get(0)).startsWith("Put nothing into the right ear");
    assertThat(part(page, "Please do not"))
        .anyMatch(line -> line.startsWith("No swimming, and no water in the ears"));
    assertThat(part(page, "What may go into the ears").get(0))
        .isEqualTo("Right ear: nothing at all.");
  }

  @Test
  void whatTheySawBringsACheckOfThatDayUntilSomebodyLooked() {
    Told told =
        new Told(
            new UUID(7, 7),
            new Moment(day(9).atTime(12, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE, day(9)),
            "Ilse",
            Taker.GROOMER,
            Set.of(Told.Done.BATHED),
            Set.of(Told.Seen.SMELL),
            Optional.of(Side.LEFT),
            Optional.empty());
    DogRecord dog = new TestDog().quiet(0, 7).record();

    assertThat(nextCheck(dog).window().best()).isEqualTo(day(14));
    PlanItem sooner = nextCheck(dog.plus(told));
    assertThat(sooner.window().best()).isEqualTo(day(9));
    assertThat(Wording.METRIC.of(sooner.reasons().get(0).sentence()))
        .isEqualTo("Ilse (groomer) saw something on 11 Mar 2026: a smell. Look yourself.");
    assertThat(sooner.pressing()).isTrue();
    assertThat(nextCheck(new TestDog().quiet(0, 7, 10).record().plus(told)).window().best())
        .isEqualTo(day(17));
  }

  private static PlanItem nextCheck(DogRecord dog) {
    return PLANNER.plan(dog, Preferences.DEFAULT, day(TODAY)).items().stream()
        .filter(item -> item.kind() == PlanItem.Kind.CHECK)
        .findFirst()
        .orElseThrow();
  }
}
