package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.TestDog.day;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.cleaning.CleaningSession.Ending;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarCleaning.Noticed;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Label;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.stock.StockOutlook;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** What the plan, the guided session, the trust ladder and the stock make of one record. */
class SessionPlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());

  private static EarCleaning fill(int load, double poured, int wipes) {
    return new EarCleaning(
        CleaningMethod.FILL,
        new Load(load),
        Optional.of(new Volume(poured)),
        1,
        Noticed.wipes(wipes));
  }

  private static DogPlan plan(TestDog dog, int day) {
    return PLANNER.plan(dog.record(), Preferences.DEFAULT, day(day));
  }

  private static CleaningSession session(TestDog dog, int day) {
    return session(dog, day, false);
  }

  private static CleaningSession session(TestDog dog, int day, boolean fully) {
    DogRecord record = dog.record();
    return Sessions.cleaning(
        DogHistory.of(record, day(day)),
        then -> PLANNER.plan(then, Preferences.DEFAULT),
        Moment.of(
            day(day).atTime(LocalTime.of(21, 0)).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE),
        List.of(Side.values()),
        fully,
        true,
        CleaningWays.DEFAULT);
  }

  private static List<PlanItem> of(DogPlan plan, PlanItem.Kind kind) {
    return plan.items().stream().filter(item -> item.kind() == kind).toList();
  }

  @Nested
  class ASession {
    @Test
    void isBuiltFromTodaysCheckAndWhatIsDue() {
      TestDog dog = new TestDog().cleaned(0, Side.values()).quiet(7, 14, 21, 28, 35);

      CleaningSession session = session(dog, 35);

      assertThat(session.order()).containsExactly(Side.RIGHT, Side.LEFT);
      assertThat(session.ears().right().method()).contains(CleaningMethod.FILL);
    }

    @Test
    void endsWhereTodaysCheckSaysStopForThatEarOnly() {
      TestDog both = new TestDog().cleaned(0, Side.values()).check(28, "odour=FOUL", "odour=FOUL");
      assertThat(session(both, 28).ending().orElseThrow().cause()).isEqualTo(Ending.Cause.VERDICT);

      TestDog one = new TestDog().cleaned(0, Side.values()).check(28, "odour=FOUL", "");
      assertThat(session(one, 28).ending()).isEmpty();
      assertThat(session(one, 28).order()).containsExactly(Side.LEFT);
    }

    @Test
    void cleansAQuietEarThatIsNotDueFullyWhereAPersonAsksForIt() {
      TestDog dog = new TestDog().cleaned(20, Side.values()).quiet(7, 14, 21);

      CleaningSession wiped = session(dog, 21);
      assertThat(wiped.ears().right().method()).contains(CleaningMethod.WIPE);
      assertThat(wiped.ears().right().mayFully()).isTrue();

      CleaningSession full = session(dog, 21, true);
      assertThat(full.ears().right().method()).contains(CleaningMethod.FILL);
      assertThat(full.ears().right().reasons())
          .extracting(Reason::sentence)
          .contains("It was cleaned 1 day ago: too often irritates the skin.");
    }

    @Test
    void asksForTheCheckWhereTheLastOneIsOfAnotherDay() {
      TestDog dog = new TestDog().cleaned(0, Side.values()).quiet(7, 27);

      assertThat(session(dog, 28).steps()).hasSize(3);
    }

    @Test
    void laysOutWhatTheMiddleOfTheLastFiveTook() {
      TestDog dog = new TestDog();
      int[] wipes = {9, 3, 2, 5, 3, 4};
      for (int i = 0; i < wipes.length; i++) {
        dog.cleaned(10 * i, fill(2, 6, wipes[i]), Handled.CALM, 60 * (i + 5));
      }
      CleaningSession session = session(dog.quiet(60), 60);

      assertThat(session.ears().left().habit().expectedWipes()).isEqualTo(3);
      assertThat(session.ears().left().habit().wipesToLayOut()).isEqualTo(5);
      assertThat(session.minutes()).contains(8);
    }

    @Test
    void ofAnEvenNumberOfCountsTakesTheMiddleRoundedUp() {
      TestDog dog =
          new TestDog()
              .cleaned(0, fill(2, 6, 3), Handled.CALM, 300)
              .cleaned(10, fill(2, 6, 4), Handled.CALM, 300)
              .quiet(20);

      assertThat(session(dog, 20).ears().right().habit().expectedWipes()).isEqualTo(4);
    }
  }

  @Nested
  class TrustInThePlan {
    @Test
    void practiceComesEveryTwoDaysAndNoCleaningBeforeRungFive() {
      TestDog dog =
          new TestDog().stands(Rung.FOLD, 0).quiet(0, 7).practised(6, Rung.FOLD, Handled.CALM);
      DogPlan plan = plan(dog, 7);

      List<PlanItem> practices = of(plan, PlanItem.Kind.PRACTICE);
      assertThat(practices.get(0).window().best()).isEqualTo(day(8));
      assertThat(practices.get(1).window().best()).isEqualTo(day(10));
      assertThat(practices.get(0).reasons().get(0).sentence()).contains("calm once more");
      assertThat(plan.cleanings()).isEmpty();
      assertThat(plan.ears().right().rhythm().reasons().get(0).sentence())
          .contains("step 2 of practising");
    }

    @Test
    void aMissedPracticeIsTodaysUnderTheSameName() {
      TestDog dog =
          new TestDog().stands(Rung.FOLD, 0).quiet(0).practised(0, Rung.FOLD, Handled.CALM);

      PlanItem then = of(plan(dog, 3), PlanItem.Kind.PRACTICE).get(0);
      PlanItem now = of(plan(dog, 5), PlanItem.Kind.PRACTICE).get(0);

      assertThat(now.window().best()).isEqualTo(day(5));
      assertThat(now.id()).isEqualTo(then.id());
    }

    @Test
    void aSkippedPracticeIsFollowedByOneTwoDaysLater() {
      TestDog dog =
          new TestDog().stands(Rung.FOLD, 0).quiet(0).practised(0, Rung.FOLD, Handled.CALM);
      dog.skip(2, of(plan(dog, 2), PlanItem.Kind.PRACTICE).get(0).id(), "away");

      assertThat(of(plan(dog, 2), PlanItem.Kind.PRACTICE).get(0).window().best()).isEqualTo(day(4));
    }

    @Test
    void rungFiveIsCleanedAndStillPractised() {
      DogPlan plan = plan(new TestDog().stands(Rung.WET_PAD, 0).quiet(0), 0);

      assertThat(plan.cleanings().get(0).reasons())
          .anyMatch(
              reason ->
                  reason.sentence().startsWith("It allows wiping as yet (step 5 of practising)"));
      assertThat(of(plan, PlanItem.Kind.PRACTICE)).isNotEmpty();
    }

    @Test
    void aSoreEarIsNotPractisedWith() {
      TestDog dog = new TestDog().stands(Rung.FOLD, 0).check(1, "redness=2", "");

      assertThat(of(plan(dog, 1), PlanItem.Kind.PRACTICE)).isEmpty();
    }

    @Test
    void aFullSessionNeedsNoPractice() {
      assertThat(of(plan(new TestDog().quiet(0), 0), PlanItem.Kind.PRACTICE)).isEmpty();
    }

    @Test
    void aVetsOrderDoesNotWait() {
      TestDog dog =
          new TestDog()
              .stands(Rung.TOUCH, 0)
              .quiet(0)
              .visit(1, TestDog.ordered(false, 3, day(60)), TestDog.ordered(false, 3, day(60)));

      assertThat(plan(dog, 1).cleanings()).isNotEmpty();
    }
  }

  @Nested
  class TheOutcome {
    private CleaningOutcome outcome(TestDog dog) {
      DogRecord record = dog.record();
      List<CleaningRecord> cleanings = record.cleanings();
      return CleaningOutcome.of(
          PLANNER, record, cleanings.get(cleanings.size() - 1), Preferences.DEFAULT);
    }

    @Test
    void saysHowMuchSoonerTheNextOneIsAndWhy() {
      TestDog dog = new TestDog().quiet(0, 7, 14, 21);
      dog.cleaned(0, fill(2, 6, 3), Handled.CALM, 400);
      dog.cleaned(20, fill(4, 6, 3), Handled.CALM, 400);

      CleaningOutcome outcome = outcome(dog);

      assertThat(outcome.ears().right().daysNow()).isLessThan(outcome.ears().right().daysBefore());
      assertThat(outcome.daysToNext()).contains(outcome.ears().right().daysNow());
      assertThat(outcome.sooner())
          .isEqualTo(outcome.ears().right().daysBefore() - outcome.ears().right().daysNow());
      assertThat(outcome.ears().right().news().orElseThrow().sentence())
          .contains("sooner than before");
      assertThat(outcome.minutes()).contains(7);
    }

    @Test
    void aSecondSessionLeavesTheSameWipesToLayOut() {
      TestDog dog = new TestDog().quiet(0);
      dog.cleaned(0, fill(2, 6, 3), Handled.CALM, 400);

      assertThat(outcome(dog).habits().right().wipesToLayOut()).isEqualTo(5);
    }
  }

  @Nested
  class TheStock {
    private StockOutlook of(Supply.Kind kind, TestDog dog, int day) {
      Supply bottle = supply(Supply.Kind.CLEANER, 100);
      Supply pads = supply(Supply.Kind.WIPES, 20);
      return HouseholdStock.outlooks(
              List.of(dog.record()),
              List.of(plan(dog, day)),
              List.of(bottle, pads),
              CleaningWays.DEFAULT,
              day(day),
              (dogId, side, wet) -> Optional.empty())
          .stream()
          .filter(outlook -> outlook.kind() == kind)
          .findFirst()
          .orElseThrow();
    }

    private Supply supply(Supply.Kind kind, double left) {
      return counted(kind, left, List.of());
    }

    private Supply counted(Supply.Kind kind, double left, List<Supply.Count> earlier) {
      return new Supply(
          UUID.randomUUID(),
          kind,
          kind.name(),
          kind == Supply.Kind.CLEANER ? Optional.of(CleanerKind.GENTLE) : Optional.empty(),
          250,
          left,
          Instant.from(day(0).atStartOfDay(ZoneOffset.UTC)),
          Optional.empty(),
          earlier);
    }

    @Test
    void isDrawnDownBySessions() {
      TestDog dog = new TestDog().quiet(0).cleaned(5, fill(2, 6, 3), Handled.CALM, 400);

      assertThat(of(Supply.Kind.CLEANER, dog, 6).left()).isEqualTo(88);
      assertThat(of(Supply.Kind.WIPES, dog, 6).left()).isEqualTo(14);
    }

    @Test
    void isDrawnDownByWipingToo() {
      EarCleaning wiped =
          new EarCleaning(CleaningMethod.WIPE, new Load(1), Optional.empty(), 1, Noticed.wipes(3));
      TestDog dog = new TestDog().quiet(0).cleaned(5, wiped, Handled.CALM, 400);

      // two ears, 3 wipes each, 2 mL a wipe
      assertThat(of(Supply.Kind.CLEANER, dog, 6).left()).isEqualTo(88);
    }

    @Test
    void eachProductRunsOutByTheEarsThatUseIt() {
      TestDog dog = new TestDog().quiet(0).cleaned(5, fill(2, 6, 3), Handled.CALM, 400);
      Supply gentle = supply(Supply.Kind.CLEANER, 100);
      Supply drying =
          new Supply(
              UUID.randomUUID(),
              Supply.Kind.CLEANER,
              "Dune",
              Optional.of(CleanerKind.DRYING),
              100,
              50,
              Instant.from(day(0).atStartOfDay(ZoneOffset.UTC)),
              Optional.empty(),
              Label.BLANK,
              Optional.empty(),
              Optional.of(20.0),
              List.of());
      DogPlan plan = plan(dog, 6);
      int planned = plan.cleanings().size();

      List<StockOutlook> outlooks =
          HouseholdStock.outlooks(
              List.of(dog.record()),
              List.of(plan),
              List.of(gentle, drying),
              CleaningWays.DEFAULT,
              day(6),
              (dogId, side, wet) -> Optional.of(side == Side.LEFT ? drying.id() : gentle.id()));

      assertThat(outlooks)
          .filteredOn(one -> one.kind() == Supply.Kind.CLEANER)
          .extracting(one -> one.product().orElseThrow() + " " + one.needed() / planned)
          .containsExactlyInAnyOrder("CLEANER 6.0", "Dune 6.0");
      assertThat(outlooks)
          .filteredOn(one -> one.product().equals(Optional.of("Dune")))
          .singleElement()
          .satisfies(
              one ->
                  assertThat(one.costs().orElseThrow())
                      .as("6 of 100 mL for 20")
                      .isCloseTo(1.2, within(1e-9)));
    }

    @Test
    void aBatchIsAsMuchAsPlannedCleaningsTakeWhileItKeeps() {
      TestDog dog = new TestDog().quiet(0).cleaned(5, fill(2, 6, 3), Handled.CALM, 400);
      DogPlan plan = plan(dog, 6);
      long within30 =
          plan.cleanings().stream().filter(item -> !item.window().best().isAfter(day(36))).count();

      BatchNeed both = need(dog, plan, 30, side -> true);
      BatchNeed right = need(dog, plan, 30, side -> side == Side.RIGHT);

      assertThat(within30).isPositive();
      assertThat(both.millilitres())
          .as("6 mL an ear, and 1.3 times that")
          .isCloseTo(within30 * 2 * 6 * 1.3, within(1e-9));
      assertThat(both.each()).as("what is spilt costs a bottle, not a cleaning").hasValue(12.0);
      assertThat(right.millilitres()).isCloseTo(both.millilitres() / 2, within(1e-9));
      assertThat(need(dog, plan, 0, side -> true).millilitres()).isZero();
    }

    private static BatchNeed need(TestDog dog, DogPlan plan, int days, Predicate<Side> suits) {
      return BatchNeed.of(
          house(dog, plan), Supply.Kind.CLEANER, days, (id, side) -> suits.test(side));
    }

    private static BatchNeed.House house(TestDog dog, DogPlan plan) {
      return new BatchNeed.House(
          List.of(dog.record()), List.of(plan), CleaningWays.DEFAULT, 2, day(6));
    }

    @Test
    void wipesAreCountedAndACleaningTakesAsManyAsThisDogsDid() {
      TestDog dog = new TestDog().quiet(0).cleaned(5, fill(2, 6, 3), Handled.CALM, 400);

      BatchNeed wipes =
          BatchNeed.of(
              house(dog, plan(dog, 6)), Supply.Kind.WIPES, 30, (id, side) -> side == Side.LEFT);

      assertThat(wipes.each()).hasValue(3.0);
    }

    @Test
    void runsOutAtThePlannedRate() {
      TestDog dog = new TestDog().quiet(0).cleaned(5, fill(2, 6, 3), Handled.CALM, 400);
      int planned = plan(dog, 6).cleanings().size();

      assertThat(of(Supply.Kind.CLEANER, dog, 6).needed()).isEqualTo(12.0 * planned);
      assertThat(of(Supply.Kind.WIPES, dog, 6).needed()).isEqualTo(6.0 * planned);
      assertThat(of(Supply.Kind.WIPES, dog, 6).sessions()).isEqualTo(2);
    }
  }
}
