package org.evenlobe.core.solution;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Amounts in kitchen measures (rule SOLUTION_KITCHEN): a measure is offered only where its halves
 * and quarters come within 5 % of what is wanted; else it stays mL or g. A powder is weighed. For
 * example 59 mL are a quarter of a cup; 6.8 mL are no such measure, for a teaspoon and a half is
 * 7.39 mL.
 */
public final class Kitchen {
  private static final double OFF = 0.05;
  private static final double CRUMB = 1e-9;
  private static final double HUNDRED = 100;
  private static final double THOUSAND = 1000;

  /** How finely each is told, and how many of it are no trouble. */
  private record Spoon(Measure measure, double step, double most) {}

  private static final List<Spoon> AMERICAN =
      List.of(
          new Spoon(Measure.CUP, 0.25, 4),
          new Spoon(Measure.TABLESPOON, 0.5, 4),
          new Spoon(Measure.TEASPOON, 0.25, 6));
  private static final List<Spoon> METRIC =
      List.of(
          new Spoon(Measure.METRIC_CUP, 0.25, 4),
          new Spoon(Measure.METRIC_TABLESPOON, 0.5, 4),
          new Spoon(Measure.METRIC_TEASPOON, 0.5, 6));

  private Kitchen() {}

  /**
   * So many of a measure.
   *
   * @param measure which
   * @param count how many
   * @param part what that is
   */
  public record Measured(Measure measure, double count, Part part) {}

  /** Each part in the measure that comes nearest, the largest of several that do. */
  public static List<Measured> of(Mix mix, boolean american) {
    return mix.parts().stream().map(part -> of(part, american ? AMERICAN : METRIC)).toList();
  }

  private static Measured of(Part part, List<Spoon> spoons) {
    if (part.ingredient().phase() == Phase.SOLID) {
      return exact(part, Measure.GRAM);
    }
    return spoons.stream()
        .flatMap(spoon -> of(part, spoon).stream())
        .min(Comparator.comparingDouble((Measured one) -> off(one, part) > OFF / 2 ? 1 : 0))
        .orElseGet(() -> exact(part, Measure.MILLILITRE));
  }

  private static Optional<Measured> of(Part part, Spoon spoon) {
    double one = spoon.measure().of(part.ingredient(), 1).amount();
    double count = Math.round(part.amount() / one / spoon.step()) * spoon.step();
    Measured measured =
        new Measured(spoon.measure(), count, spoon.measure().of(part.ingredient(), count));
    return Stream.of(measured)
        .filter(it -> it.count() > 0 && it.count() <= spoon.most() + CRUMB)
        .filter(it -> off(it, part) <= OFF)
        .findFirst();
  }

  private static double off(Measured measured, Part wanted) {
    return wanted.amount() == 0
        ? 0
        : Math.abs(measured.part().amount() - wanted.amount()) / wanted.amount();
  }

  /** In mL or g, to a hundredth of what is below ten and to a tenth above. */
  private static Measured exact(Part part, Measure measure) {
    double steps = part.amount() < 1 ? THOUSAND : part.amount() < 10 ? HUNDRED : 10;
    double count = Math.round(part.amount() * steps) / steps;
    return new Measured(measure, count, new Part(part.ingredient(), count));
  }
}
