package org.evenlobe.core.plan.even;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.DAY_0;
import static org.evenlobe.core.TestDog.day;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.even.EvenedPlans.Unplaced;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.Capacity;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Hands;
import org.evenlobe.core.record.Preferences;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EvenedPlansTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());
  private static final List<Integer> ONE_A_DAY = List.of(1, 1, 1, 1, 1, 1, 1);

  /** Dogs that were all cleaned on the same day, and so are due on the same one. */
  private static List<DogPlan> due(int dogs, int today) {
    List<DogPlan> plans = new ArrayList<>();
    for (int i = 0; i < dogs; i++) {
      plans.add(plan(new TestDog().filled(0, 2, 2), i, today));
    }
    return plans;
  }

  private static DogPlan plan(TestDog dog, int number, int today) {
    DogRecord record = dog.record();
    DogRecord named =
        DogRecord.of(new UUID(0, number + 1L), record.profile(), DAY_0, record.inOrder());
    return PLANNER.plan(named, Preferences.DEFAULT, day(today));
  }

  private static Capacity capacity(List<Integer> byWeekday) {
    return new Capacity(byWeekday, Set.of(), Set.of(), Set.of());
  }

  private static Map<LocalDate, Integer> perDay(EvenedPlans evened, LocalDate today) {
    Map<LocalDate, Integer> counts = new TreeMap<>();
    Set<PlanItem.Id> unplaced = new HashSet<>();
    evened.unplaced().forEach(one -> unplaced.add(one.item()));
    for (DogPlan plan : evened.plans()) {
      for (PlanItem item : plan.cleanings()) {
        LocalDate best = item.window().best();
        if (!unplaced.contains(item.id())) {
          counts.merge(best.isBefore(today) ? today : best, 1, Integer::sum);
        }
      }
    }
    return counts;
  }

  private static List<LocalDate> firsts(EvenedPlans evened) {
    return evened.plans().stream().map(p -> p.cleanings().get(0).window().best()).toList();
  }

  @Nested
  class ADayHoldsSoMuch {
    @Test
    void soThatDogsDueOnOneDayAreSpreadAroundIt() {
      EvenedPlans evened = EvenedPlans.of(due(3, 5), Set.of(), capacity(ONE_A_DAY), day(5));

      assertThat(firsts(evened)).containsExactlyInAnyOrder(day(13), day(14), day(15));
      assertThat(evened.unplaced()).isEmpty();
    }

    @Test
    void andWhatFindsNoRoomIsNamedWithTheNearestWayOut() {
      // the window is 11 to 17: seven days for eight dogs
      EvenedPlans evened = EvenedPlans.of(due(8, 5), Set.of(), capacity(ONE_A_DAY), day(5));

      assertThat(evened.unplaced()).isNotEmpty();
      Unplaced first = evened.unplaced().get(0);
      assertThat(first.window()).isEqualTo(new Window(day(11), day(14), day(17)));
      assertThat(first.wayOut()).hasValueSatisfying(out -> assertThat(out).isAfter(day(17)));
      assertThat(Wording.METRIC.of(first.reason().sentence()))
          .startsWith("No day from 13 Mar 2026 to 19 Mar 2026 has room.");
      assertThat(evened.plans()).as("named, not dropped").hasSize(8);
    }

    @Test
    void andNothingIsDoneOnDaysOff() {
      Capacity weekdays =
          new Capacity(List.of(2, 2, 2, 2, 2, 0, 0), Set.of(), Set.of(day(14)), Set.of());
      EvenedPlans evened = EvenedPlans.of(due(4, 5), Set.of(), weekdays, day(5));

      // day 14 is a Monday off, 12 and 13 are a weekend
      assertThat(firsts(evened)).containsExactlyInAnyOrder(day(15), day(15), day(16), day(16));
    }

    @Test
    void andACheckTakesRoomWhereTheHouseholdSaysSo() {
      Capacity hands = new Capacity(ONE_A_DAY, Set.of(), Set.of(), Set.of(Hands.CHECKS));
      TestDog dog = new TestDog().filled(0, 2, 2).quiet(7);
      List<DogPlan> plans = List.of(PLANNER.plan(dog.record(), Preferences.DEFAULT, day(8)));
      Set<LocalDate> checks =
          plans.get(0).items().stream()
              .filter(item -> item.kind() == PlanItem.Kind.CHECK)
              .map(item -> item.window().best())
              .collect(Collectors.toSet());

      EvenedPlans evened = EvenedPlans.of(plans, Set.of(), hands, day(8));

      assertThat(plans.get(0).cleanings().get(0).window().best()).isEqualTo(day(14));
      assertThat(checks).contains(day(14));
      assertThat(firsts(evened)).doesNotContainAnyElementsOf(checks);
    }

    @Test
    void andADogThatTakesTwoWaitsForTheHelper() {
      Capacity helped = new Capacity(ONE_A_DAY, Set.of(DayOfWeek.THURSDAY), Set.of(), Set.of());
      List<DogPlan> plans = due(2, 5);
      EvenedPlans evened = EvenedPlans.of(plans, Set.of(plans.get(0).dogId()), helped, day(5));

      // Thursdays are days 3, 10 and 17
      assertThat(firsts(evened)).containsExactly(day(17), day(14));
    }

    @Test
    void andOfTwoThatWantTheSameDayTheOneWithLessToChooseFromKeepsIt() {
      TestDog swimmer =
          new TestDog().waterSensitive().filled(-5, 2, 2).exposed(ExposureKind.SWIM, 5, 5);
      List<DogPlan> plans =
          List.of(
              plan(new TestDog().filled(-9, 2, 2), 0, 5),
              plan(swimmer, 1, 5),
              plan(new TestDog().filled(-9, 2, 2), 2, 5));
      EvenedPlans evened = EvenedPlans.of(plans, Set.of(), capacity(ONE_A_DAY), day(5));

      assertThat(firsts(evened).get(1)).as("wet today").isEqualTo(day(5));
    }

    @Test
    void andAPersonsOwnWordIsKeptWhereItIs() {
      TestDog dog = new TestDog().filled(0, 2, 2);
      PlanItem.Id item = plan(dog, 0, 5).cleanings().get(0).id();
      List<DogPlan> plans =
          List.of(
              plan(dog.pin(5, item, 14, null), 0, 5), plan(new TestDog().filled(0, 2, 2), 1, 5));
      EvenedPlans evened = EvenedPlans.of(plans, Set.of(), capacity(ONE_A_DAY), day(5));

      assertThat(firsts(evened).get(0)).isEqualTo(day(14));
      assertThat(firsts(evened).get(1)).isIn(day(13), day(15));
    }

    @Test
    void andAVetsWordIsMovedByNobodysConvenience() {
      TestDog ordered = new TestDog().quiet(3).filledAt(4, 16, 2, 2).visit(4, ordered(), ordered());
      List<DogPlan> plans = List.of(plan(ordered, 0, 5), plan(ordered, 1, 5));
      EvenedPlans evened = EvenedPlans.of(plans, Set.of(), capacity(ONE_A_DAY), day(5));

      assertThat(firsts(evened)).containsOnly(day(7));
    }

    private EarVisit ordered() {
      return TestDog.ordered(false, 3, day(30));
    }

    @Test
    void andWhatIsOverdueIsSpreadOnlyByTheWayOut() {
      EvenedPlans evened = EvenedPlans.of(due(3, 30), Set.of(), capacity(ONE_A_DAY), day(30));

      assertThat(evened.unplaced())
          .extracting(one -> one.wayOut().orElseThrow())
          .doesNotHaveDuplicates();
      assertThat(perDay(evened, day(30))).containsEntry(day(30), 1);
    }
  }

  @Test
  void sixtyDogsAtTwoADayWithoutWeekendsKeepEveryDayWithinItsLimit() {
    Capacity capacity = capacity(List.of(2, 2, 2, 2, 2, 0, 0));
    List<DogPlan> plans = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      TestDog dog = new TestDog().carried(Carriage.ERECT);
      plans.add(plan(dog.filled(i % 40, 1, 1), i, 40));
    }
    EvenedPlans evened = EvenedPlans.of(plans, Set.of(), capacity, day(40));

    perDay(evened, day(40))
        .forEach((day, count) -> assertThat(count).isLessThanOrEqualTo(capacity.on(day)));
    long placed = perDay(evened, day(40)).values().stream().mapToInt(n -> n).sum();
    assertThat(placed).isGreaterThan(60);
    assertThat(EvenedPlans.of(plans, Set.of(), capacity, day(40)))
        .as("the same again")
        .isEqualTo(evened);
  }

  @Nested
  class AgainstBruteForce {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void asManyArePlacedAtAsFewDaysOffTheBest(long seed) {
      SplittableRandom random = new SplittableRandom(seed);
      TreeMap<LocalDate, Integer> room = new TreeMap<>();
      for (int d = 0; d < 6; d++) {
        room.put(day(d), random.nextInt(3));
      }
      List<Placing.Task> tasks = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        int from = random.nextInt(5);
        int until = from + random.nextInt(6 - from);
        List<LocalDate> days = day(from).datesUntil(day(until).plusDays(1)).toList();
        tasks.add(new Placing.Task(task(i), day(from + random.nextInt(until - from + 1)), days));
      }
      Map<PlanItem.Id, LocalDate> places = Placing.places(tasks, room);

      assertThat(worth(tasks, places)).isEqualTo(bestWorth(tasks, 0, new HashMap<>(), room));
    }

    private static PlanItem.Id task(int n) {
      return PlanItem.Id.of(new UUID(0, n), PlanItem.Kind.CLEAN, new UUID(1, n), 0);
    }

    /** More placed is better; of as many, fewer days off. */
    private static long worth(List<Placing.Task> tasks, Map<PlanItem.Id, LocalDate> places) {
      long days =
          tasks.stream()
              .filter(task -> places.containsKey(task.id()))
              .mapToLong(task -> task.cost(places.get(task.id())))
              .sum();
      return 1000L * places.size() - days;
    }

    private static long bestWorth(
        List<Placing.Task> tasks,
        int next,
        Map<PlanItem.Id, LocalDate> places,
        Map<LocalDate, Integer> room) {
      if (next == tasks.size()) {
        return worth(tasks, places);
      }
      Placing.Task task = tasks.get(next);
      long best = bestWorth(tasks, next + 1, places, room);
      for (LocalDate day : task.days()) {
        if (room.get(day) > 0) {
          room.merge(day, -1, Integer::sum);
          places.put(task.id(), day);
          best = Math.max(best, bestWorth(tasks, next + 1, places, room));
          places.remove(task.id());
          room.merge(day, 1, Integer::sum);
        }
      }
      return best;
    }
  }
}
