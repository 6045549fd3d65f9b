package org.evenlobe.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.rule.Rule;

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
      Comparator.comparing((Line line) -> !line.item().pressing())
          .thenComparing(line -> line.item().standing())
          .thenComparing(line -> line.item().window().best())
          .thenComparing(Line::dogId);

  /**
   * All items whose window has opened. A dog's items stand together, the look before the cleaning;
   * the dog with the most pressing one comes first.
   */
  public static List<Line> lines(List<DogPlan> plans) {
    return plans.stream()
        .map(Agenda::ofDog)
        .filter(lines -> !lines.isEmpty())
        .sorted(Comparator.comparing(Agenda::mostPressing, MOST_PRESSING_FIRST))
        .flatMap(List::stream)
        .toList();
  }

  private static List<Line> ofDog(DogPlan plan) {
    return plan.items().stream()
        .filter(item -> item.standing() != Standing.LATER)
        .map(item -> new Line(plan.dogId(), item))
        .sorted(
            Comparator.comparing((Line line) -> !line.item().pressing())
                .thenComparing(Agenda::comesAfterPractice)
                .thenComparing(line -> line.item().kind())
                .thenComparing(line -> line.item().window().best()))
        .toList();
  }

  /** A look that the dog refused comes after the day's practice: else it stands first in vain. */
  private static boolean comesAfterPractice(Line line) {
    return line.item().kind() == PlanItem.Kind.CHECK
        && line.item().reasons().stream().anyMatch(why -> why.rule() == Rule.CHECK_NOT_SEEN);
  }

  private static Line mostPressing(List<Line> lines) {
    return lines.stream().min(MOST_PRESSING_FIRST).orElseThrow();
  }
}
