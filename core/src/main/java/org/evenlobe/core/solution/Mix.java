package org.evenlobe.core.solution;

import java.util.List;

/**
 * What was poured together. The order does not matter; a powder that dissolves adds no volume, and
 * the small contraction of alcohol with water is left out.
 *
 * @param parts what, and how much of it
 */
public record Mix(List<Part> parts) {

  public Mix {
    parts = List.copyOf(parts);
  }

  /** What was poured together. */
  public static Mix of(Part... parts) {
    return new Mix(List.of(parts));
  }

  /** The same, so many times as much. */
  public Mix times(double factor) {
    return new Mix(
        parts.stream().map(part -> new Part(part.ingredient(), part.amount() * factor)).toList());
  }

  /** Its volume, mL. */
  public double millilitres() {
    return parts.stream().mapToDouble(Part::millilitres).sum();
  }

  /** What it costs, as things are priced on the shelf. */
  public double price() {
    return parts.stream().mapToDouble(Part::price).sum();
  }

  /** What is in it of an active: grams, of alcohol and the like mL. */
  public double of(Active active) {
    double sum = 0;
    for (Part part : parts) {
      sum += part.of(active);
    }
    return sum;
  }

  /** Whether there is any of an active in it. */
  public boolean has(Active active) {
    return of(active) > 0;
  }
}
