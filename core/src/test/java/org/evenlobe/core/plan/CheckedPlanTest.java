package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;
import static org.evenlobe.core.TestDog.hold;
import static org.evenlobe.core.TestDog.ordered;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.PlanItem.Kind;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** What checks, holds, visits and skips make of the plan. */
class CheckedPlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final String WAXY = "discharge=2:BROWN";
  private static final String FOUL = "odour=FOUL";

  private static DogPlan on(int day, TestDog dog) {
    return on(day, dog, SchedulingMode.LEARNED);
  }

  private static DogPlan on(int day, TestDog dog, SchedulingMode mode) {
    return PLANNER.plan(dog.record(), Preferences.of(mode, 14), day(day));
  }

  private static List<PlanItem> items(DogPlan plan, Kind kind) {
    return plan.items().stream().filter(item -> item.kind() == kind).toList();
  }

  private static PlanItem check(int day, TestDog dog) {
    return items(on(day, dog), Kind.CHECK).get(0);
  }

  private static List<Rule> rules(PlanItem item) {
    return item.reasons().stream().map(Reason::rule).toList();
  }

  @Nested
  class Checks {
    @Test
    void beginOnTheDayTheDogJoined() {
      assertThat(check(4, new TestDog()).window().best()).isEqualTo(day(0));
    }

    @Test
    void areSevenDaysApart() {
      DogPlan plan = on(3, new TestDog().quiet(0));

      assertThat(items(plan, Kind.CHECK).get(0).window())
          .isEqualTo(new Window(day(6), day(7), day(8)));
      assertThat(items(plan, Kind.CHECK).get(1).window().best()).isEqualTo(day(14));
      assertThat(items(plan, Kind.CHECK)).hasSize(9);
    }

    @Test
    void areFourteenDaysApartForAnOpenEarWithAQuietRecord() {
      // 0.5 · 1.4 · 0.95 = 0.665 is not under 0.6; never wet, 0.475 is
      TestDog open = new TestDog().carried(Carriage.ERECT).neverWet().quiet(0, 7);
      assertThat(check(8, open).window().best()).as("still learning").isEqualTo(day(14));
      assertThat(check(15, open.quiet(14)).window().best()).isEqualTo(day(28));

      TestDog troubled =
          new TestDog().carried(Carriage.ERECT).neverWet().check(0, "redness=2", "").quiet(3);
      assertThat(check(3, troubled).window().best()).isEqualTo(day(10));
    }

    @Test
    void comeThreeDaysAfterOneThatWasNotQuietAndNoLater() {
      assertThat(check(0, new TestDog().check(0, "", "redness=2")).window())
          .isEqualTo(new Window(day(2), day(3), day(3)));
    }

    @Test
    void areLookFirstOnceTheNextOneIsDue() {
      TestDog dog = new TestDog().quiet(0);

      assertThat(on(6, dog).ears().right().look().orElseThrow().lookFirst()).isFalse();
      assertThat(on(7, dog).ears().right().look().orElseThrow().lookFirst()).isTrue();
    }

    @Test
    void areSkippedWithTheirReason() {
      TestDog dog = new TestDog().quiet(0);
      PlanItem.Id id = check(8, dog).id();
      dog.skip(8, id, "she was at the shore");
      PlanItem next = check(8, dog);

      assertThat(next.window().best()).isEqualTo(day(15));
      assertThat(next.reasons().get(0).sentence()).contains("“she was at the shore”");
      assertThat(next.id()).isNotEqualTo(id);
    }
  }

  @Nested
  class SkippedOneAfterAnother {
    @Test
    void stillLeaveACheckThoughItLiesBeyondWhatIsPlanned() {
      TestDog dog = new TestDog().quiet(0);
      for (int skips = 0; skips < 12; skips++) {
        List<PlanItem> checks = items(on(0, dog), Kind.CHECK);
        dog.skip(0, checks.get(checks.size() - 1).id(), "away");
      }

      assertThat(items(on(0, dog), Kind.CHECK)).hasSize(1);
      assertThat(check(0, dog).window().best()).isAfter(day(PlanItem.HORIZON_DAYS));
    }
  }

  @Nested
  class Cleanings {
    @Test
    void vanishForAHeldEarOnlyAndSayWhy() {
      TestDog dog = new TestDog().cleaned(0, Side.RIGHT, Side.LEFT).check(10, FOUL, "").quiet(13);
      DogPlan plan = on(13, dog);

      assertThat(plan.cleanings())
          .isNotEmpty()
          .allMatch(item -> item.ears().equals(List.of(Side.LEFT)));
      assertThat(plan.ears().right().rhythm().routine()).isFalse();
      assertThat(plan.ears().right().rhythm().reasons().get(0).rule()).isEqualTo(Rule.PLAN_HOLD);
    }

    @Test
    void waitForTheNextCheckOfAnEarThatWasNotQuiet() {
      TestDog dog = new TestDog().cleaned(0, Side.RIGHT, Side.LEFT).check(13, "redness=2", "");
      PlanItem first = on(14, dog).cleanings().get(0);
      PlanItem second = on(14, dog).cleanings().get(1);

      assertThat(first.ears()).containsExactly(Side.LEFT);
      assertThat(first.window().best()).isEqualTo(day(14));
      assertThat(second.ears()).containsExactly(Side.RIGHT);
      assertThat(second.window().best()).isEqualTo(day(16));
      assertThat(rules(second)).contains(Rule.PLAN_WAITS);
    }

    @Test
    void comeForwardWhereACheckFoundThemWorthIt() {
      TestDog dog = new TestDog().cleaned(0, Side.RIGHT, Side.LEFT).check(7, WAXY, "");
      PlanItem item = on(7, dog).cleanings().get(0);

      assertThat(item.window()).isEqualTo(new Window(day(7), day(7), day(8)));
      assertThat(item.ears()).containsExactly(Side.RIGHT);
      assertThat(rules(item)).contains(Rule.PLAN_WORTH_IT);
      assertThat(on(8, dog.cleaned(7, Side.RIGHT)).cleanings().get(0).ears())
          .containsExactly(Side.LEFT);
    }

    @Test
    void areOnlyThoseThatAreWorthItWhereTheHouseholdCleansAsNeeded() {
      TestDog dog = new TestDog().check(0, WAXY, WAXY);

      assertThat(on(0, dog, SchedulingMode.AS_NEEDED).cleanings()).hasSize(1);
      assertThat(on(7, dog.quiet(7), SchedulingMode.AS_NEEDED).cleanings()).isEmpty();
    }

    @Test
    void areNotProposedWithinFiveDaysOfTheLastOneButALookIs() {
      TestDog dog = new TestDog().cleaned(0, Side.RIGHT, Side.LEFT).check(3, WAXY, "");
      DogPlan plan = on(3, dog);

      assertThat(plan.cleanings().get(0).window().best()).isEqualTo(day(14));
      assertThat(items(plan, Kind.CHECK).get(0).window().best()).isEqualTo(day(5));
      assertThat(plan.ears().right().advice()).extracting(Reason::rule).contains(Rule.PLAN_GUARD);
    }

    @Test
    void areNotTooSoonWhereTheOneThatTheCheckAskedForWasDone() {
      TestDog dog =
          new TestDog()
              .cleaned(0, Side.RIGHT, Side.LEFT)
              .check(14, WAXY, "")
              .cleaned(14, Side.RIGHT, Side.LEFT);
      DogPlan plan = on(14, dog);

      assertThat(plan.ears().right().advice()).isEmpty();
      assertThat(items(plan, Kind.CHECK).get(0).window().best()).isEqualTo(day(21));
    }

    @Test
    void sayThatAnEarMayOnlyBeWiped() {
      TestDog dog = new TestDog().infections(InfectionHistory.ONE).quiet(0);

      assertThat(rules(on(0, dog).cleanings().get(0))).contains(Rule.PLAN_WIPE_ONLY);
    }

    @Test
    void areNotPlannedWhereNothingMayGoInAlsoOnceTheHoldWasLiftedByNobody() {
      TestDog dog = new TestDog().filled(0, 2, 2).eardrum(Eardrum.Status.NOT_INTACT, 5).quiet(6);

      assertThat(on(20, dog).cleanings()).isEmpty();
    }

    @Test
    void waitForACheckThatIsOverdueToo() {
      TestDog dog = new TestDog().filled(0, 2, 2).check(10, "redness=2", "");
      PlanItem right =
          on(20, dog).cleanings().stream()
              .filter(item -> item.ears().contains(Side.RIGHT))
              .findFirst()
              .orElseThrow();

      assertThat(rules(right)).contains(Rule.PLAN_WAITS);
      assertThat(right.window().best()).isEqualTo(day(20));
    }

    @Test
    void areNoneOfAgainAndAgainAtTheFirstLookAfterTheOneThatWasAskedFor() {
      TestDog dog =
          new TestDog()
              .check(7, "discharge=2:BROWN", "")
              .filled(7, 2, 2)
              .check(10, "discharge=2:BROWN", "");
      String once = on(10, dog).ears().right().advice().toString();
      String again =
          on(11, dog.check(11, "discharge=2:BROWN", "")).ears().right().advice().toString();

      assertThat(once).contains("look again before you clean").doesNotContain("ask your vet why");
      assertThat(again).contains("again and again");
    }

    @Test
    void areWhatAVetWhoLiftedTheHoldOrderedWhateverTheCheckBeforeSaid() {
      TestDog dog =
          new TestDog()
              .filled(0, 2, 2)
              .check(8, "odour=FOUL", "")
              .visit(
                  9,
                  new EarVisit(
                      EarVisit.EardrumSeen.INTACT,
                      Optional.empty(),
                      Optional.empty(),
                      Optional.empty(),
                      false,
                      TestDog.ordered(false, 3, day(30)).instruction(),
                      EarVisit.HoldWord.LIFTED),
                  EarVisit.NOTHING);
      DogPlan plan = on(10, dog);

      assertThat(plan.ears().right().mayGoIn()).isEqualTo(MayGoIn.IN_EAR);
      assertThat(plan.cleanings().get(0).ears()).containsExactly(Side.RIGHT);
      assertThat(plan.cleanings().get(0).fixedBy()).isEqualTo(PlanItem.FixedBy.VET);
    }

    @Test
    void areSkippedWithTheirReason() {
      TestDog dog = new TestDog().quiet(14).cleaned(0, Side.RIGHT, Side.LEFT);
      PlanItem due = on(15, dog).cleanings().get(0);
      dog.skip(15, due.id(), "stitches in a paw");
      PlanItem next = on(15, dog).cleanings().get(0);

      assertThat(due.window().best()).isEqualTo(day(21));
      assertThat(next.window().best()).as("counted from the skipped day").isEqualTo(day(35));
      assertThat(next.reasons().get(0).sentence()).contains("“stitches in a paw”");
    }
  }

  @Nested
  class AVetsWord {
    private final EarVisit everyThreeDays = ordered(true, 3, day(20));
    private final EarVisit doNotClean = ordered(false, null, day(20));

    @Test
    void overridesThePlanFromThatDayAndSaysItsEnd() {
      TestDog dog =
          new TestDog().cleaned(9, Side.LEFT).quiet(10).visit(10, everyThreeDays, EarVisit.NOTHING);
      DogPlan plan = on(10, dog);
      List<PlanItem> right =
          plan.cleanings().stream().filter(item -> item.ears().contains(Side.RIGHT)).toList();

      assertThat(right.subList(0, 3))
          .extracting(item -> item.window().best())
          .containsExactly(day(13), day(16), day(19));
      assertThat(right.get(3).window().best()).as("by its own rhythm").isEqualTo(day(33));
      assertThat(Wording.METRIC.of(plan.ears().right().rhythm().reasons().get(0).sentence()))
          .isEqualTo("Your vet said on 12 Mar 2026: clean it every 3 days, until 22 Mar 2026.");
      assertThat(on(21, dog).ears().right().order()).isEmpty();
    }

    @Test
    void mayBeToLeaveAnEarAlone() {
      TestDog dog = new TestDog().quiet(10).visit(10, doNotClean, EarVisit.NOTHING);
      DogPlan plan = on(15, dog);
      PlanItem right =
          plan.cleanings().stream()
              .filter(item -> item.ears().contains(Side.RIGHT))
              .findFirst()
              .orElseThrow();

      assertThat(right.window().best()).isEqualTo(day(21));
      assertThat(rules(right)).contains(Rule.PLAN_VET);
      assertThat(plan.ears().right().rhythm().routine()).isFalse();
    }

    @Test
    void doesNotWaitForAnEarToBeQuietNorIsNarrowed() {
      TestDog dog =
          new TestDog()
              .cleaned(9, Side.LEFT)
              .visit(10, everyThreeDays, EarVisit.NOTHING)
              .check(12, "redness=2", "");
      PlanItem item = on(12, dog).cleanings().get(0);

      assertThat(item.ears()).contains(Side.RIGHT);
      assertThat(item.window().best()).isEqualTo(day(13));
      assertThat(rules(item)).doesNotContain(Rule.PLAN_WAITS, Rule.PLAN_WIPE_ONLY);
    }

    @Test
    void standsBelowAHold() {
      TestDog dog =
          new TestDog()
              .check(9, "redness=2", "")
              .visit(10, everyThreeDays, EarVisit.NOTHING)
              .check(12, FOUL, "");

      assertThat(on(12, dog).cleanings()).noneMatch(item -> item.ears().contains(Side.RIGHT));
    }

    @Test
    void overridesFromTheLatestVisitThatGaveOne() {
      TestDog dog =
          new TestDog()
              .visit(10, everyThreeDays, EarVisit.NOTHING)
              .visit(12, ordered(false, 5, null), EarVisit.NOTHING);

      assertThat(on(12, dog).ears().right().rhythm().days()).isEqualTo(5);
      assertThat(on(300, dog).ears().right().rhythm().days()).as("without an end").isEqualTo(5);
    }
  }

  @Nested
  class Watches {
    private List<LocalDate> watches(int today, TestDog dog) {
      return items(on(today, dog), Kind.WATCH).stream().map(item -> item.window().best()).toList();
    }

    @Test
    void comeSevenTenAndFourteenDaysAfterWaterForASensitiveDog() {
      TestDog dog = new TestDog().waterSensitive().quiet(0).exposed(ExposureKind.SWIM, 1, 1);

      assertThat(watches(1, dog)).containsExactly(day(8), day(11), day(15));
      assertThat(watches(1, new TestDog().exposed(ExposureKind.SWIM, 1, 1))).isEmpty();
      assertThat(watches(1, new TestDog().waterSensitive().exposed(ExposureKind.DUST, 1, 1)))
          .isEmpty();
      assertThat(watches(0, dog)).as("water still to come").isEmpty();
    }

    @Test
    void countFromTheLastDayOfAnOuting() {
      TestDog dog =
          new TestDog()
              .waterSensitive()
              .exposed(ExposureKind.SWIM, 1, 2)
              .exposed(ExposureKind.BATH, 4, 4);
      assertThat(watches(4, dog)).containsExactly(day(11), day(14), day(18));

      TestDog week = new TestDog().waterSensitive().exposed(ExposureKind.SWIM, 1, 9);
      assertThat(watches(9, week)).as("cut after 7 days").contains(day(14), day(16));
    }

    @Test
    void areDoneByAnyCheckWithinADayAndStandInForTheCheckOfThatDay() {
      TestDog dog = new TestDog().waterSensitive().quiet(0).exposed(ExposureKind.SWIM, 0, 0);
      assertThat(items(on(6, dog), Kind.CHECK))
          .noneMatch(check -> check.window().best().equals(day(7)));
      assertThat(on(7, dog).ears().right().look().orElseThrow().lookFirst()).isTrue();

      assertThat(watches(7, dog.quiet(7))).containsExactly(day(10), day(14));
    }
  }

  @Nested
  class Visits {
    @Test
    void areForTodayAfterUrgentAndWithinTwoDaysAfterStop() {
      PlanItem urgent =
          items(on(0, new TestDog().check(0, "", "", "balanceLoss")), Kind.VISIT).get(0);
      assertThat(urgent.window().latest()).isEqualTo(day(0));
      assertThat(urgent.ears()).containsExactly(Side.RIGHT, Side.LEFT);

      PlanItem stop = items(on(0, new TestDog().check(0, FOUL, "")), Kind.VISIT).get(0);
      assertThat(stop.window()).isEqualTo(new Window(day(0), day(1), day(2)));
      assertThat(stop.ears()).containsExactly(Side.RIGHT);
      assertThat(stop.pressing()).isTrue();
    }

    @Test
    void areForTodayStillWhenALaterCheckIsLessSevere() {
      TestDog dog = new TestDog().check(0, "", "", "balanceLoss").check(1, FOUL, "");

      assertThat(items(on(1, dog), Kind.VISIT).get(0).window().latest()).isEqualTo(day(0));
    }

    @Test
    void areForCautionThatIsNoBetterAfterThreeDays() {
      TestDog dog = new TestDog().check(0, "redness=2", "").check(3, "redness=2", "");

      assertThat(items(on(3, dog), Kind.VISIT)).hasSize(1);
      assertThat(
              items(
                  on(3, new TestDog().check(0, "redness=2", "").check(3, "", "redness=2")),
                  Kind.VISIT))
          .as("another ear")
          .isEmpty();
    }

    @Test
    void areDoneOnceOneIsRecordedAndThenAsTheVetSaid() {
      TestDog dog = new TestDog().check(0, FOUL, "");
      dog.visit(1, hold(HoldWord.LIFTED), EarVisit.NOTHING, Optional.of(day(15)));
      List<PlanItem> visits = items(on(2, dog), Kind.VISIT);

      assertThat(visits).hasSize(1);
      assertThat(visits.get(0).window().best()).isEqualTo(day(15));
      assertThat(visits.get(0).pressing()).isFalse();
    }

    @Test
    void standTogetherInTheAgendaTheLookBeforeTheCleaning() {
      TestDog dog = new TestDog().quiet(0).cleaned(0, Side.RIGHT, Side.LEFT);

      // the cleaning, due on day 14, is as pressing as the check that was due on day 7
      assertThat(Agenda.lines(List.of(on(20, dog))))
          .extracting(line -> line.item().kind())
          .containsExactly(Kind.CHECK, Kind.CLEAN);
    }

    @Test
    void comeFirstInTheAgenda() {
      DogPlan overdue = on(40, new TestDog().quiet(0));
      DogPlan stopped = on(0, new TestDog().check(0, FOUL, ""));

      assertThat(Agenda.lines(List.of(overdue, stopped)).get(0).item().kind())
          .isEqualTo(Kind.VISIT);
    }
  }
}
