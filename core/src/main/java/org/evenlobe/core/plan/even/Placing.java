package org.evenlobe.core.plan.even;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.evenlobe.core.plan.item.PlanItem;
import org.jgrapht.Graph;
import org.jgrapht.alg.flow.mincost.CapacityScalingMinimumCostFlow;
import org.jgrapht.alg.flow.mincost.MinimumCostFlowProblem.MinimumCostFlowProblemImpl;
import org.jgrapht.alg.interfaces.MinimumCostFlowAlgorithm.MinimumCostFlow;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.builder.GraphTypeBuilder;

/**
 * Puts tasks on days: as many as there is room for, and of all such ways one with the fewest days
 * off the best days in all. It is a flow of least cost from tasks over days; what is left over goes
 * by a dearer way.
 */
public final class Placing {
  private static final int END = 0;

  /** The library takes a cost of 1,000,000,000 for one that cannot be paid. */
  private static final long MOST_COST = 500_000_000;

  private static final long MOST_FOR_A_DAY = 100_000;

  private final Graph<Integer, DefaultWeightedEdge> graph =
      GraphTypeBuilder.<Integer, DefaultWeightedEdge>directed()
          .weighted(true)
          .edgeClass(DefaultWeightedEdge.class)
          .buildGraph();
  private final Map<Integer, Integer> supplies = new HashMap<>();
  private final Map<DefaultWeightedEdge, Integer> capacities = new HashMap<>();
  private final Map<DefaultWeightedEdge, Choice> choices = new HashMap<>();

  /**
   * Something to be done on one of a few days.
   *
   * @param id its id
   * @param best the day on which it is done best
   * @param days the days on which it may be done
   */
  record Task(PlanItem.Id id, LocalDate best, List<LocalDate> days) {

    long cost(LocalDate day) {
      return Math.abs(ChronoUnit.DAYS.between(best, day));
    }
  }

  private record Choice(PlanItem.Id task, LocalDate day) {}

  private Placing() {}

  /**
   * The days of those tasks that are placed.
   *
   * @param room how many tasks each day holds
   */
  static Map<PlanItem.Id, LocalDate> places(List<Task> tasks, SortedMap<LocalDate, Integer> room) {
    return tasks.isEmpty() ? Map.of() : new Placing().flow(tasks, room);
  }

  private Map<PlanItem.Id, LocalDate> flow(List<Task> tasks, SortedMap<LocalDate, Integer> room) {
    graph.addVertex(END);
    supplies.put(END, -tasks.size());
    Map<LocalDate, Integer> days = new HashMap<>();
    room.forEach(
        (day, holds) -> {
          if (holds > 0) {
            int node = END + 1 + days.size();
            days.put(day, node);
            graph.addVertex(node);
            edge(node, END, holds, 0);
          }
        });
    long most =
        tasks.stream()
            .flatMap(task -> task.days().stream().map(task::cost))
            .max(Long::compare)
            .orElse(0L);
    long daysOff = tasks.size() * (most + 1);
    // a day off the best day outweighs all preferences together among ways of equal distance
    long aDay = Math.min(MOST_FOR_A_DAY, MOST_COST / daysOff);
    long leftOut = daysOff * aDay;
    int node = END + 1 + days.size();
    for (Task task : tasks) {
      graph.addVertex(node);
      supplies.put(node, 1);
      edge(node, END, 1, leftOut);
      for (LocalDate day : task.days()) {
        if (days.containsKey(day)) {
          // among those, what has many days to choose from gives way to what has few
          long preference = aDay / (tasks.size() + 1) / task.days().size();
          long cost = task.cost(day) == 0 ? 0 : task.cost(day) * aDay + preference;
          DefaultWeightedEdge edge = edge(node, days.get(day), 1, cost);
          choices.put(edge, new Choice(task.id(), day));
        }
      }
      node++;
    }
    MinimumCostFlow<DefaultWeightedEdge> least =
        new CapacityScalingMinimumCostFlow<Integer, DefaultWeightedEdge>()
            .getMinimumCostFlow(
                new MinimumCostFlowProblemImpl<>(
                    graph, v -> supplies.getOrDefault(v, 0), capacities::get));
    Map<PlanItem.Id, LocalDate> places = new HashMap<>();
    choices.forEach(
        (edge, choice) -> {
          if (least.getFlow(edge) > 0) {
            places.put(choice.task(), choice.day());
          }
        });
    return places;
  }

  private DefaultWeightedEdge edge(int from, int to, int capacity, long cost) {
    DefaultWeightedEdge edge = graph.addEdge(from, to);
    graph.setEdgeWeight(edge, (double) cost);
    capacities.put(edge, capacity);
    return edge;
  }
}
