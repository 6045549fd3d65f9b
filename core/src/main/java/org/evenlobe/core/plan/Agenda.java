package org.evenlobe.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;

/** What to do now, across the dogs of a household. */
public final class Agenda {
  private Agenda() {}

  /**
   * One line of the agenda.
   *
   * @param dogId whose
   * @param item what and when
   */
  public record Line(UUID dogId, PlanItem item) {}

  private static final Comparator<Line> MOST_PRESSING_FIRST =
      Comparator.comparing((Line line) -> line.item().standing())
          .thenComparing(line -> line.item().window().best())
          .thenComparing(Line::dogId);

  /** All items whose window has opened, the most pressing first. */
  public static List<Line> lines(List<DogPlan> plans) {
    return plans.stream()
        .flatMap(plan -> plan.items().stream().map(item -> new Line(plan.dogId(), item)))
        .filter(line -> line.item().standing() != Standing.LATER)
        .sorted(MOST_PRESSING_FIRST)
        .toList();
  }
}
