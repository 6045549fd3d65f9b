package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.turn.EarPlan;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlannerTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 15);
  private static final LocalDate ADDED = LocalDate.of(2026, 6, 1);
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final UUID DOG = new UUID(0, 1);

  /** A drop ear with some water: 28 ÷ (1.5 · 1.4) = 13.3, so 14 days. */
  private static final EarTraits DROP =
      new EarTraits(Carriage.DROP, false, CanalHair.NONE, Feathering.NONE);

  private static final EarTraits ERECT =
      new EarTraits(Carriage.ERECT, false, CanalHair.NONE, Feathering.NONE);

  private static DogRecord dog(EarTraits ears, WaterHabit water, List<CleaningRecord> cleanings) {
    Life life = new Life(water, Ground.MIXED, Climate.DRY, Allergy.NONE, InfectionHistory.NONE);
    DogProfile profile = profile(List.of(), ears, life);
    return DogRecord.of(DOG, profile, ADDED).with(CleaningRecord.class, cleanings);
  }

  private static DogProfile profile(List<String> breeds, EarTraits ears, Life life) {
    return new DogProfile(
        "Fen",
        breeds,
        Optional.empty(),
        false,
        List.of(),
        ears,
        life,
        false,
        Optional.empty(),
        false,
        new Eardrum(Eardrum.Status.NEVER_EXAMINED, Optional.empty()),
        Optional.empty(),
        Optional.empty(),
        Handling.UNSAID,
        CleaningWays.OwnWays.NONE,
        Preferences.Own.NONE);
  }

  private static DogPlan plan(DogRecord dog) {
    return PLANNER.plan(dog, Preferences.DEFAULT, TODAY);
  }

  private static DogRecord swimmer(CleaningRecord... cleanings) {
    return dog(DROP, WaterHabit.WEEKLY, List.of(cleanings));
  }

  private static CleaningRecord cleaned(LocalDate day, Integer right, Integer left) {
    return cleaned(day, CleaningMethod.FILL, right, left);
  }

  private static CleaningRecord cleaned(
      LocalDate day, CleaningMethod method, Integer right, Integer left) {
    EarPair<Optional<EarCleaning>> ears =
        new EarPair<>(Optional.ofNullable(right), Optional.ofNullable(left))
            .map(load -> load.map(grade -> EarCleaning.unmeasured(method, new Load(grade))));
    return new CleaningRecord(
        new UUID(1, day.toEpochDay()),
        Moment.of(day.atTime(LocalTime.of(18, 0)).atZone(ZONE).toInstant(), ZONE),
        ears,
        CleaningRecord.Manner.UNSAID,
        Optional.empty());
  }

  private static PlanItem next(DogRecord dog) {
    return plan(dog).cleanings().get(0);
  }

  @Nested
  class Date {
    @Test
    void isTheIntervalAfterTheLastCleaningWithAFifthEitherWay() {
      PlanItem next = next(swimmer(cleaned(TODAY.minusDays(4), 2, 2)));

      assertThat(next.window())
          .isEqualTo(new Window(TODAY.plusDays(7), TODAY.plusDays(10), TODAY.plusDays(13)));
      assertThat(next.ears()).containsExactly(Side.RIGHT, Side.LEFT);
      assertThat(next.reasons())
          .extracting(Reason::sentence)
          .contains("The right ear was last cleaned 4 days ago and is planned every 14 days.");
    }

    @Test
    void movesWhenACleaningIsRecorded() {
      DogRecord before = swimmer(cleaned(TODAY.minusDays(14), 2, 2));
      DogRecord after = swimmer(cleaned(TODAY.minusDays(14), 2, 2), cleaned(TODAY, 4, 4));

      assertThat(next(before).window().best()).isEqualTo(TODAY);
      // "four or more" is 5.0 where 0.214 gathers a day: (4 + 5.0) / (28 + 14) = 0.214, so 9 days
      assertThat(next(after).window().best()).isEqualTo(TODAY.plusDays(9));
    }

    @Test
    void countsFromAWipeThoughAWipeTeachesNothing() {
      DogRecord dog =
          swimmer(cleaned(TODAY.minusDays(14), 2, 2), cleaned(TODAY, CleaningMethod.WIPE, 0, 0));

      assertThat(next(dog).window().best()).isEqualTo(TODAY.plusDays(14));
    }

    @Test
    void ofAFirstCleaningIsTheDayTheDogJoined() {
      PlanItem next = next(swimmer());

      assertThat(next.window().best()).isEqualTo(ADDED);
      assertThat(next.standing()).isEqualTo(Standing.OVERDUE);
      assertThat(next.reasons()).extracting(Reason::rule).contains(Rule.PLAN_FIRST);
    }

    @Test
    void carriesTheCautionToLookFirst() {
      assertThat(plan(swimmer()).cleanings())
          .isNotEmpty()
          .allSatisfy(
              item ->
                  assertThat(item.reasons())
                      .extracting(Reason::rule)
                      .contains(Rule.PLAN_LOOK_FIRST));
    }

    @ParameterizedTest
    @CsvSource({"14, DUE", "17, DUE", "18, OVERDUE", "11, OPEN", "10, LATER"})
    void standsAgainstItsWindow(int daysAgo, Standing standing) {
      assertThat(next(swimmer(cleaned(TODAY.minusDays(daysAgo), 2, 2))).standing())
          .isEqualTo(standing);
    }
  }

  @Nested
  class BothEars {
    @Test
    void areDoneTogetherWhenTheLatersWindowHasOpened() {
      // the right ear, cleaned three days later, opens on the left ear's day
      PlanItem next =
          next(swimmer(cleaned(TODAY.minusDays(8), null, 2), cleaned(TODAY.minusDays(5), 2, null)));

      assertThat(next.window().best()).isEqualTo(TODAY.plusDays(6));
      assertThat(next.ears()).containsExactlyInAnyOrder(Side.RIGHT, Side.LEFT);
      assertThat(next.reasons()).extracting(Reason::rule).contains(Rule.PLAN_TOGETHER);
    }

    @Test
    void areDoneApartWhenItHasNot() {
      DogPlan plan =
          plan(swimmer(cleaned(TODAY.minusDays(8), null, 2), cleaned(TODAY.minusDays(4), 2, null)));

      assertThat(plan.cleanings().get(0).ears()).containsExactly(Side.LEFT);
      assertThat(plan.cleanings().get(1).ears()).containsExactly(Side.RIGHT);
      assertThat(plan.cleanings().get(1).window().best()).isEqualTo(TODAY.plusDays(10));
    }
  }

  @Nested
  class ChecksOnly {
    @Test
    void plansNoCleaningForAnEarThatGathersLittle() {
      DogPlan plan = plan(dog(ERECT, WaterHabit.NEVER, List.of()));

      // 0.5 · 0.95 = 0.475: 59 days, just a routine; a breed with a low ratio leaves it alone
      assertThat(plan.start().checksOnly()).isFalse();
      DogRecord chihuahua = withBreed(dog(ERECT, WaterHabit.NEVER, List.of()), "chihuahua");
      assertThat(plan(chihuahua).cleanings()).isEmpty();
      assertThat(plan(chihuahua).start().checksOnly()).isTrue();
    }

    private DogRecord withBreed(DogRecord dog, String breed) {
      DogProfile was = dog.profile();
      return DogRecord.of(dog.id(), profile(List.of(breed), was.ears(), was.life()), dog.addedOn())
          .with(CleaningRecord.class, dog.cleanings());
    }
  }

  @Nested
  class Schools {
    private final DogRecord dog = swimmer(cleaned(TODAY.minusDays(4), 2, 2));

    private DogPlan by(SchedulingMode mode, int days) {
      return PLANNER.plan(dog, Preferences.of(mode, days), TODAY);
    }

    @Test
    void fixedIsThePersonsOwnIntervalWhateverComesOut() {
      DogPlan plan = by(SchedulingMode.FIXED, 30);

      assertThat(plan.cleanings().get(0).window().best()).isEqualTo(TODAY.plusDays(26));
      assertThat(plan.cleanings().get(0).reasons())
          .extracting(Reason::rule)
          .contains(Rule.PLAN_FIXED);
    }

    @Test
    void asNeededPlansNoCleaningButGoesOnLearning() {
      DogPlan plan = by(SchedulingMode.AS_NEEDED, 30);

      assertThat(plan.cleanings()).isEmpty();
      assertThat(plan.ears().right().interval())
          .isEqualTo(by(SchedulingMode.LEARNED, 30).ears().right().interval());
    }
  }

  @Nested
  class EardrumNotIntact {
    @Test
    void leavesNothingToPourUnderAnySchool() {
      DogRecord dog = swimmer(cleaned(TODAY.minusDays(20), 4, 4));
      DogProfile was = dog.profile();
      DogRecord torn =
          DogRecord.of(
                  dog.id(),
                  new DogProfile(
                      was.name(),
                      was.breeds(),
                      was.bornOn(),
                      was.ageEstimated(),
                      was.weights(),
                      was.ears(),
                      was.life(),
                      was.lightCoat(),
                      was.litter(),
                      was.waterSensitive(),
                      new Eardrum(Eardrum.Status.NOT_INTACT, Optional.empty()),
                      was.reactions(),
                      was.normal(),
                      was.handling(),
                      was.ways(),
                      was.own()),
                  dog.addedOn())
              .with(CleaningRecord.class, dog.cleanings());

      for (SchedulingMode mode : EnumSet.complementOf(EnumSet.of(SchedulingMode.VET))) {
        DogPlan plan = PLANNER.plan(torn, Preferences.of(mode, 7), TODAY);
        assertThat(plan.cleanings()).isEmpty();
        assertThat(plan.ears().left().hold().orElseThrow().cause()).isEqualTo(Hold.Cause.EARDRUM);
        assertThat(plan.ears().left().rhythm().reasons().get(0).rule()).isEqualTo(Rule.PLAN_HOLD);
      }
    }
  }

  @Nested
  class Advice {
    @Test
    void saysThatThreeCleanWipesInARowNeedNoCleaning() {
      DogRecord dog =
          swimmer(
              cleaned(TODAY.minusDays(50), 3, 1),
              cleaned(TODAY.minusDays(36), 0, 0),
              cleaned(TODAY.minusDays(20), 0, 1),
              cleaned(TODAY, 0, 0));

      EarPair<EarPlan> ears = plan(dog).ears();

      assertThat(ears.right().advice())
          .extracting(Reason::rule)
          .containsExactly(Rule.PLAN_NOT_NEEDED);
      assertThat(ears.left().advice()).isEmpty();
    }
  }

  @Nested
  class Laws {
    private final List<CleaningRecord> history =
        List.of(
            cleaned(TODAY.minusDays(60), 2, 3),
            cleaned(TODAY.minusDays(45), 1, 4),
            cleaned(TODAY.minusDays(31), 2, null),
            cleaned(TODAY.minusDays(29), null, 3),
            cleaned(TODAY.minusDays(12), 0, 2));

    @Test
    void theSameFactsAndDayGiveTheSamePlanInWhateverOrderTheyCame() {
      DogPlan plan = plan(dog(DROP, WaterHabit.WEEKLY, history));
      List<CleaningRecord> reversed = new ArrayList<>(history);
      Collections.reverse(reversed);

      assertThat(plan(dog(DROP, WaterHabit.WEEKLY, reversed))).isEqualTo(plan);
    }

    @Test
    void factsDatedAfterTodayChangeNothing() {
      List<CleaningRecord> more = new ArrayList<>(history);
      more.add(cleaned(TODAY.plusDays(1), 4, 4));

      assertThat(plan(dog(DROP, WaterHabit.WEEKLY, more)))
          .isEqualTo(plan(dog(DROP, WaterHabit.WEEKLY, history)));
    }

    @Test
    void exchangingTheEarsExchangesTheAnswers() {
      List<CleaningRecord> swapped =
          history.stream()
              .map(
                  c ->
                      new CleaningRecord(
                          c.id(), c.moment(), c.ears().swapped(), c.manner(), c.note()))
              .toList();

      DogPlan plan = plan(dog(DROP, WaterHabit.WEEKLY, history));
      DogPlan mirrored = plan(dog(DROP, WaterHabit.WEEKLY, swapped));

      assertThat(mirrored.ears().left().interval().days())
          .isEqualTo(plan.ears().right().interval().days());
      assertThat(mirrored.ears().right().interval().days())
          .isEqualTo(plan.ears().left().interval().days());
      assertThat(mirrored.cleanings())
          .extracting(PlanItem::window)
          .containsExactlyElementsOf(plan.cleanings().stream().map(PlanItem::window).toList());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 3, 20, 200})
    void everyEarComesUpAgainAndAgainUpToTheHorizonAndNeverWithinSixDays(int daysAgo) {
      DogPlan plan = plan(swimmer(cleaned(TODAY.minusDays(daysAgo), 4, 1)));

      for (Side side : Side.values()) {
        List<LocalDate> days =
            plan.cleanings().stream()
                .filter(item -> item.ears().contains(side))
                .map(item -> item.window().best())
                .toList();
        assertThat(days).isSorted().hasSizeGreaterThanOrEqualTo(4);
        for (int i = 1; i < days.size(); i++) {
          assertThat(ChronoUnit.DAYS.between(days.get(i - 1), days.get(i))).isGreaterThan(5);
        }
      }
      assertThat(plan.cleanings()).extracting(PlanItem::id).doesNotHaveDuplicates();
    }
  }

  @Nested
  class AgendaLines {
    @Test
    void arePressingFirstAndLeaveOutWhatOpensLater() {
      DogPlan overdue = plan(swimmer(cleaned(TODAY.minusDays(30), 2, 2)));
      DogPlan open = plan(swimmer(cleaned(TODAY.minusDays(12), 2, 2)));
      DogPlan later = plan(swimmer(cleaned(TODAY.minusDays(1), 2, 2)));

      assertThat(Agenda.lines(List.of(later, open, overdue)))
          .filteredOn(line -> line.item().kind() == PlanItem.Kind.CLEAN)
          .extracting(line -> line.item().standing())
          .containsExactly(Standing.OVERDUE, Standing.OPEN);
    }
  }
}
