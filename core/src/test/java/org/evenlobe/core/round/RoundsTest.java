package org.evenlobe.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.Sessions;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.core.round.Tray.TrayTool;
import org.evenlobe.core.round.Tray.TrayWipes;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.suit.Bottles.Chosen;
import org.evenlobe.core.suit.Bottles.LaidOut;
import org.evenlobe.core.suit.Suits;
import org.junit.jupiter.api.Test;

/** Many dogs, one tray. */
class RoundsTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final int TODAY = 60;
  private static final UUID GREEN = new UUID(7, 7);
  private static final CleaningWays WIPING =
      new CleaningWays(
          CleaningMethod.WIPE,
          Swabs.FOLDS_ONLY,
          WipeMaterial.COTTON_PADS,
          CleaningWays.DEFAULT.hair(),
          CleaningWays.DEFAULT.medicineWait(),
          MixSchool.READY_ONLY,
          30);

  private static TestDog quiet(String name) {
    return new TestDog().named(name).cleaned(0, Side.values()).quiet(38, 45, 52);
  }

  private static Entrant entrant(TestDog dog) {
    DogHistory history = DogHistory.of(dog.record(), day(TODAY));
    DogPlan plan = PLANNER.plan(history, Preferences.DEFAULT);
    CleaningSession session =
        Sessions.cleaning(
            history,
            then -> PLANNER.plan(then, Preferences.DEFAULT),
            Moment.of(
                day(TODAY).atTime(LocalTime.of(7, 0)).atZone(TestDog.ZONE).toInstant(),
                TestDog.ZONE),
            List.copyOf(Entrant.ears(plan)),
            false,
            false,
            WIPING);
    return new Entrant(
        history, plan, session, EarPair.both(new LaidOut(Optional.of(green()), Optional.empty())));
  }

  private static Chosen green() {
    return new Chosen(
        new Supply(
            GREEN,
            Supply.Kind.CLEANER,
            "Green bottle",
            Optional.of(CleanerKind.GENTLE),
            250,
            250,
            Instant.EPOCH,
            Optional.empty(),
            List.of()),
        Suits.OK,
        false,
        false,
        Reason.of(Rule.CLEAN_BOTTLE, "It suits."));
  }

  private static Round round(double left, TestDog... dogs) {
    return Rounds.of(Stream.of(dogs).map(RoundsTest::entrant).toList(), Map.of(GREEN, left), 2);
  }

  @Test
  void countsOutOneTrayForAll() {
    Round round = round(250, quiet("Ash"), quiet("Birch"), quiet("Cedar"));

    assertThat(round.tray().wipes()).containsExactly(new TrayWipes(WipeMaterial.COTTON_PADS, 24));
    assertThat(round.tray().cleaners())
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.amount()).isEqualTo(48);
              assertThat(one.suffices()).isTrue();
            });
    assertThat(round.tray().tools())
        .contains(new TrayTool("Swabs, for the folds only", List.of("Ash", "Birch", "Cedar")));
    assertThat(round.minutes()).isEqualTo(9);
  }

  @Test
  void saysWhereABottleDoesNotSuffice() {
    Round round = round(47, quiet("Ash"), quiet("Birch"), quiet("Cedar"));

    assertThat(round.tray().cleaners().get(0).suffices()).isFalse();
  }

  @Test
  void keepsWhatIsSoreOrSmellsLastTheWorstAtTheEnd() {
    TestDog foul = quiet("Alder").check(59, "odour=FOUL", "");
    TestDog sweet = quiet("Aspen").check(59, "", "odour=SWEET");

    Round round = round(250, foul, sweet, quiet("Birch"), quiet("Ash"));

    assertThat(round.dogs())
        .extracting(RoundDog::name)
        .containsExactly("Ash", "Birch", "Aspen", "Alder");
    assertThat(round.dogs().get(2).last().orElseThrow().sentence())
        .isEqualTo("Last, with its own cloth: its left ear smelled sweet.");
    assertThat(round.tray().ownCloths()).isEqualTo(2);
  }

  @Test
  void looksAtADogWithNothingToCleanAndCountsNoWipesForIt() {
    TestDog fresh = new TestDog().named("Fir").cleaned(55, Side.values()).quiet(38, 45, 52);
    TestDog practising = quiet("Oak").stands(Rung.TOUCH, 40);

    Round round = round(250, fresh, practising);

    assertThat(round.dogs()).extracting(RoundDog::cleans).containsOnly(false);
    assertThat(round.dogs().get(0).look()).as("its session holds one").isEmpty();
    assertThat(round.dogs().get(1).look()).as("its session ends before one").isPresent();
    assertThat(round.tray().wipes()).isEmpty();
    assertThat(round.tray().reasons()).isEmpty();
  }

  @Test
  void isForDogsOfWhichALookOrACleaningIsDue() {
    assertThat(Entrant.isDue(entrant(quiet("Ash")).plan())).isTrue();
    assertThat(
            Entrant.isDue(
                entrant(new TestDog().named("Fir").cleaned(58, Side.values()).quiet(50, 59))
                    .plan()))
        .isFalse();
  }
}
