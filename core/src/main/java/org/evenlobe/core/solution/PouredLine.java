package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A line of a recipe as it is said: so many of a measure. Parts share what the other lines leave of
 * the whole. For example of 120 mL one part of vinegar and two of water: 40 and 80 mL.
 *
 * @param ingredient which
 * @param count how many
 * @param measure of what
 * @param each what one holds, mL of a liquid or g of a powder: of a capsule always, of a drop where
 *     the dropper was counted
 */
public record PouredLine(
    Ingredient ingredient, double count, Measure measure, Optional<Double> each) {

  public PouredLine {
    Objects.requireNonNull(ingredient, "ingredient");
    Objects.requireNonNull(measure, "measure");
    if (measure == Measure.CAPSULE && each.isEmpty()) {
      throw new IllegalArgumentException("a capsule says what it holds");
    }
  }

  /** What one part is, mL; empty where nothing is told in parts. */
  public static Optional<Double> onePart(List<PouredLine> lines, double whole) {
    double parts = 0;
    double rest = whole;
    for (PouredLine line : lines) {
      if (line.ingredient.phase() == Phase.SOLID) {
        continue;
      }
      if (line.measure == Measure.PART) {
        parts += line.count;
      } else {
        rest -= line.poured(0).millilitres();
      }
    }
    return parts > 0 ? Optional.of(Math.max(0, rest) / parts) : Optional.empty();
  }

  /**
   * What is poured together.
   *
   * @param whole how much of it is wanted, mL; only parts ask for it
   */
  public static Mix mix(List<PouredLine> lines, double whole) {
    double part = onePart(lines, whole).orElse(0.0);
    List<Part> parts = new ArrayList<>();
    lines.forEach(line -> parts.add(line.poured(part)));
    return new Mix(parts);
  }

  private Part poured(double part) {
    if (measure == Measure.PART) {
      return Measure.MILLILITRE.of(ingredient, count * part);
    }
    return each.isPresent() && (measure == Measure.CAPSULE || measure == Measure.DROP)
        ? new Part(ingredient, count * each.get())
        : measure.of(ingredient, count);
  }
}
