package org.evenlobe.core.plan.even;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.Capacity;
import org.evenlobe.core.record.Hands;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The plans of a household with its cleanings placed so that no day has more than it holds (rule
 * PLAN_EVENED).
 *
 * <p>Each cleaning stays inside its window, one whose window has closed on today; a dog that takes
 * two is put on a day with a helper; what a person put on a day, and what a vet prescribed, stays
 * there. As many as possible are placed, and the days between where they are put and where they are
 * best are the fewest in all. What cannot be placed is named with the nearest day after its window
 * that has room.
 *
 * @param plans the plans, with the cleanings on their places
 * @param unplaced what no day has room for
 */
public record EvenedPlans(List<DogPlan> plans, List<Unplaced> unplaced) {

  /**
   * A cleaning that no day of its window has room for.
   *
   * @param dogId whose
   * @param item the planned item's id
   * @param window its window
   * @param wayOut the nearest day after it that has room
   * @param reason the same in a sentence
   */
  public record Unplaced(
      UUID dogId, PlanItem.Id item, Window window, Optional<LocalDate> wayOut, Reason reason) {}

  public EvenedPlans {
    plans = List.copyOf(plans);
    unplaced = List.copyOf(unplaced);
  }

  /** The plans as they are, where nobody said how much fits into a day. */
  public static EvenedPlans asTheyAre(List<DogPlan> plans) {
    return new EvenedPlans(plans, List.of());
  }

  /**
   * The plans evened out.
   *
   * @param needTwo the dogs that one person alone cannot hold
   */
  public static EvenedPlans of(
      List<DogPlan> plans, Set<UUID> needTwo, Capacity capacity, LocalDate today) {
    return new Evening(plans, needTwo, capacity, today).evened();
  }

  private static final class Evening {
    private final List<DogPlan> plans;
    private final Set<UUID> needTwo;
    private final Capacity capacity;
    private final LocalDate today;
    private final TreeMap<LocalDate, Integer> room = new TreeMap<>();
    private final List<Placing.Task> tasks = new ArrayList<>();
    private final Map<PlanItem.Id, PlanItem> items = new HashMap<>();
    private final Map<PlanItem.Id, UUID> dogs = new HashMap<>();

    Evening(List<DogPlan> plans, Set<UUID> needTwo, Capacity capacity, LocalDate today) {
      this.plans = plans;
      this.needTwo = needTwo;
      this.capacity = capacity;
      this.today = today;
      LocalDate last = today.plusDays(2L * PlanItem.HORIZON_DAYS);
      for (LocalDate day = today; !day.isAfter(last); day = day.plusDays(1)) {
        room.put(day, capacity.on(day));
      }
    }

    EvenedPlans evened() {
      for (DogPlan plan : plans) {
        plan.items().stream()
            .filter(this::takesHands)
            .forEach(item -> take(Figures.later(item.window().best(), today)));
        for (PlanItem item : plan.cleanings()) {
          items.put(item.id(), item);
          dogs.put(item.id(), plan.dogId());
          if (item.fixedBy() != PlanItem.FixedBy.NOBODY) {
            take(Figures.later(item.window().best(), today));
          } else {
            tasks.add(task(plan.dogId(), item));
          }
        }
      }
      tasks.sort(Comparator.comparing(task -> task.id().toString()));
      Map<PlanItem.Id, LocalDate> places = Placing.places(tasks, room);
      places.values().forEach(this::take);
      List<Unplaced> unplaced = new ArrayList<>();
      for (Placing.Task task : tasks) {
        if (!places.containsKey(task.id())) {
          unplaced.add(unplaced(items.get(task.id())));
        }
      }
      return new EvenedPlans(plans.stream().map(plan -> placed(plan, places)).toList(), unplaced);
    }

    /** What is not moved, but takes room where it is. */
    private boolean takesHands(PlanItem item) {
      return switch (item.kind()) {
        case CHECK, WATCH -> capacity.counts().contains(Hands.CHECKS);
        case PRACTICE -> capacity.counts().contains(Hands.PRACTICES);
        case HAIR -> capacity.counts().contains(Hands.HAIR);
        case VISIT, ASK, DRY, SEEDS, LOOK, CLEAN, DIET, TALK -> false;
      };
    }

    private void take(LocalDate day) {
      room.computeIfPresent(day, (d, left) -> Math.max(0, left - 1));
    }

    private Placing.Task task(UUID dog, PlanItem item) {
      Window window = item.window();
      LocalDate from = Figures.later(window.earliest(), today);
      LocalDate until = Figures.later(window.latest(), today);
      List<LocalDate> days =
          from.datesUntil(until.plusDays(1)).filter(day -> suits(dog, day)).toList();
      return new Placing.Task(item.id(), Figures.later(window.best(), today), days);
    }

    private boolean suits(UUID dog, LocalDate day) {
      return !needTwo.contains(dog) || capacity.hasHelper(day);
    }

    private DogPlan placed(DogPlan plan, Map<PlanItem.Id, LocalDate> places) {
      return plan.withItems(
          plan.items().stream()
              .map(
                  item -> {
                    LocalDate day = places.get(item.id());
                    boolean stays =
                        day == null || day.equals(Figures.later(item.window().best(), today));
                    return stays ? item : item.placedOn(day, moved(item, day), today);
                  })
              .toList());
    }

    private Reason moved(PlanItem item, LocalDate day) {
      LocalDate best = Figures.later(item.window().best(), today);
      int days = (int) Math.abs(ChronoUnit.DAYS.between(best, day));
      return Reason.of(
              Rule.PLAN_EVENED,
              "%s %s than best, so that no day has more cleanings than fit into it."
                  .formatted(Figures.count(days, "day"), day.isBefore(best) ? "earlier" : "later"))
          .with("days", days);
    }

    private Unplaced unplaced(PlanItem item) {
      UUID dog = dogs.get(item.id());
      LocalDate after = Figures.later(item.window().latest(), today);
      Optional<LocalDate> wayOut =
          room.tailMap(after, false).entrySet().stream()
              .filter(day -> day.getValue() > 0 && suits(dog, day.getKey()))
              .map(Map.Entry::getKey)
              .findFirst();
      wayOut.ifPresent(this::take);
      String full =
          "No day from %s to %s has room%s."
              .formatted(
                  Quantities.day(Figures.later(item.window().earliest(), today)),
                  Quantities.day(after),
                  needTwo.contains(dog) ? " and a helper" : "");
      String out =
          wayOut
              .map(
                  day ->
                      " The nearest that has: %s, %s after its window."
                          .formatted(
                              Quantities.day(day),
                              Figures.count(
                                  ChronoUnit.DAYS.between(item.window().latest(), day), "day")))
              .orElse(" No later day has either: let more fit into a day.");
      return new Unplaced(
          dog, item.id(), item.window(), wayOut, Reason.of(Rule.PLAN_EVENED, full + out));
    }
  }
}
