package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.GroomingRhythm;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HairRhythm;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Pin;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every record: drawn ones, each by its seed. */
class PlanLawTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final int TODAY = 80;
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final SchedulingMode[] SCHOOLS = {
    SchedulingMode.AS_NEEDED, SchedulingMode.FIXED, SchedulingMode.LEARNED
  };

  private static final HairCare[] CARES = HairCare.values();

  static LongStream seeds() {
    return LongStream.rangeClosed(
        1, Math.min(300, Integer.getInteger("evenlobe.cases", 5_000) / 50));
  }

  private static Preferences preferences(long seed) {
    SplittableRandom random = new SplittableRandom(-seed);
    return new Preferences(
        SCHOOLS[random.nextInt(SCHOOLS.length)],
        7 + random.nextInt(30),
        Optional.empty(),
        random.nextInt(4) == 0,
        random.nextInt(3) == 0
            ? Optional.of(new GroomingRhythm(day(2), 7 + random.nextInt(20)))
            : Optional.empty(),
        new HairRhythm(CARES[random.nextInt(CARES.length)], 1 + random.nextInt(10)),
        Optional.empty());
  }

  private static DogPlan plan(DogRecord dog, long seed) {
    return PLANNER.plan(dog, preferences(seed), day(TODAY));
  }

  private static DogRecord with(DogRecord dog, Stream<? extends Dated> facts) {
    return DogRecord.of(dog.id(), dog.profile(), dog.addedOn(), facts.toList());
  }

  /** What differs, in few words: whole plans are long. */
  private static List<String> differences(DogPlan one, DogPlan other) {
    List<String> differences = new ArrayList<>();
    List<PlanItem> items = new ArrayList<>(one.items());
    items.removeAll(other.items());
    items.forEach(item -> differences.add(item.id() + " " + item.window()));
    if (!one.ears().equals(other.ears())) {
      differences.add("ears " + one.ears().right().equals(other.ears().right()));
    }
    List<PlanItem> others = new ArrayList<>(other.items());
    others.removeAll(one.items());
    others.forEach(item -> differences.add("only there: " + item.id() + " " + item.window()));
    if (!one.equals(other)) {
      differences.add("the plan");
    }
    return differences;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatLiesAfterTodayChangesNothing(long seed) {
    DogRecord dog = DrawnDog.record(seed);
    DogRecord upToToday =
        with(dog, dog.inOrder().stream().filter(fact -> !fact.day().isAfter(day(TODAY))));

    assertThat(differences(plan(dog, seed), plan(upToToday, seed))).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void theOrderInWhichFactsCameDoesNotMatterAndPlanningTwiceGivesTheSame(long seed) {
    DogRecord dog = DrawnDog.record(seed);
    List<Dated> shuffled = new ArrayList<>(dog.inOrder());
    Collections.shuffle(shuffled, new Random(seed));

    DogPlan plan = plan(dog, seed);
    assertThat(differences(plan(with(dog, shuffled.stream()), seed), plan)).isEmpty();
    assertThat(differences(plan(dog, seed), plan)).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aHeldEarIsNeverToBeCleaned(long seed) {
    DogPlan plan = plan(DrawnDog.record(seed), seed);
    for (Side side : Side.values()) {
      if (plan.ears().get(side).hold().isPresent()) {
        assertThat(plan.cleanings()).noneMatch(item -> item.ears().contains(side));
      }
    }
  }

  /** The same with what a person says of what is planned then. */
  private static DogRecord spokenOf(long seed) {
    SplittableRandom random = new SplittableRandom(seed + 7);
    DogRecord dog = DrawnDog.record(seed);
    List<Dated> said = new ArrayList<>();
    List<PlanItem> items = PLANNER.plan(dog, preferences(seed), day(TODAY - 5)).items();
    for (PlanItem item : items) {
      UUID id = new UUID(30, said.size());
      if (item.kind().isSkippable() && random.nextInt(3) == 0) {
        said.add(new Skip(id, Moment.of(at(TODAY - 5), ZONE), item.id().toString(), "away"));
      } else if (item.kind().isMovable() && random.nextInt(3) == 0) {
        LocalDate on = day(TODAY - 5 + random.nextInt(40));
        said.add(
            new Pin(
                id, Moment.of(at(TODAY - 5), ZONE), item.id().toString(), on, Optional.of("so")));
      }
    }
    return with(dog, Stream.concat(dog.inOrder().stream(), said.stream()));
  }

  private static Instant at(int day) {
    return day(day).atTime(12, 0).atZone(ZONE).toInstant();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void nothingIsPlannedForAnEarIntoWhichNothingMayGo(long seed) {
    DogPlan plan = plan(spokenOf(seed), seed);
    for (Side side : Side.values()) {
      if (plan.ears().get(side).mayGoIn() == MayGoIn.NONE) {
        assertThat(plan.cleanings()).noneMatch(item -> item.ears().contains(side));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void twoCleaningsOfAnEarStandFiveDaysApartButForAWordOfSomebodyWaterAndCatchingUp(long seed) {
    DogPlan plan = plan(spokenOf(seed), seed);
    for (Side side : Side.values()) {
      List<PlanItem> items =
          plan.cleanings().stream().filter(item -> item.ears().contains(side)).toList();
      for (int i = 1; i < items.size(); i++) {
        LocalDate before = items.get(i - 1).window().best();
        LocalDate next = items.get(i).window().best();
        boolean excepted =
            isExcepted(items.get(i)) || items.get(i - 1).fixedBy() == PlanItem.FixedBy.PERSON;
        assertThat(excepted || ChronoUnit.DAYS.between(before, next) >= 5)
            .as("%s: %s and %s", side, told(items.get(i - 1)), told(items.get(i)))
            .isTrue();
      }
    }
  }

  private static String told(PlanItem item) {
    return item.window()
        + " "
        + item.fixedBy()
        + item.ears()
        + item.reasons().stream().map(reason -> reason.rule().name()).toList();
  }

  private static boolean isExcepted(PlanItem item) {
    return item.fixedBy() != PlanItem.FixedBy.NOBODY
        || item.reasons().stream()
            .anyMatch(
                reason -> reason.rule() == Rule.PLAN_WATER || reason.rule() == Rule.PLAN_CATCH_UP);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void waterNeverGivesALaterDateThanNone(long seed) {
    DogRecord wet = DrawnDog.record(seed);
    DogRecord dry =
        with(
            wet,
            wet.inOrder().stream()
                .filter(
                    fact -> !(fact instanceof Exposure) && !(fact instanceof ExpectedExposure)));
    for (Side side : Side.values()) {
      List<LocalDate> with = days(plan(wet, seed), side);
      List<LocalDate> without = days(plan(dry, seed), side);
      assertThat(with).hasSizeGreaterThanOrEqualTo(without.size());
      if (!without.isEmpty()) {
        assertThat(with.get(0)).isBeforeOrEqualTo(without.get(0));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void everyItemHasAnIdOfItsOwnAWindowAndAReason(long seed) {
    DogPlan plan = plan(DrawnDog.record(seed), seed);

    assertThat(plan.items()).extracting(PlanItem::id).doesNotHaveDuplicates();
    assertThat(plan.items()).isNotEmpty().allSatisfy(i -> assertThat(i.reasons()).isNotEmpty());
    assertThat(plan.items()).extracting(i -> i.window().best()).isSorted();
  }

  private static List<LocalDate> days(DogPlan plan, Side side) {
    return plan.cleanings().stream()
        .filter(item -> item.ears().contains(side))
        .map(item -> item.window().best())
        .toList();
  }

  @Test
  void fixedDaysAreSevenApartWhicheverDayItIs() {
    TestDog weekly = new TestDog().scheduled(SchedulingMode.FIXED, 7);
    for (int i = 0; i < 365; i++) {
      LocalDate today = LocalDate.of(2026, 1, 1).plusDays(i);
      List<LocalDate> days =
          PLANNER.plan(weekly.record(), Preferences.DEFAULT, today).cleanings().stream()
              .map(item -> item.window().best())
              .toList();
      for (int k = 2; k < days.size(); k++) {
        assertThat(ChronoUnit.DAYS.between(days.get(k - 1), days.get(k))).isEqualTo(7);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"Europe/Berlin", "America/New_York", "Pacific/Auckland"})
  void aFactIsOnTheDayItWasRecordedOnHoweverTheClocksWereSet(String zone) {
    for (int i = 0; i < 365; i++) {
      LocalDate on = LocalDate.of(2026, 1, 1).plusDays(i);
      for (int hour : new int[] {0, 2, 3, 23}) {
        Appointment at =
            new Appointment(
                new UUID(0, 1),
                Moment.of(on.atTime(hour, 30).atZone(ZoneId.of(zone)).toInstant(), ZoneId.of(zone)),
                on,
                Optional.empty(),
                "a look");
        assertThat(at.day()).isEqualTo(on);
      }
    }
  }
}
