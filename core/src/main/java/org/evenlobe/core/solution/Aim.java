package org.evenlobe.core.solution;

import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What a mix is to be: the other way round from pouring.
 *
 * @param millilitres how much of it
 * @param targets what is to act in it, and how strong
 * @param from what may be taken
 * @param locked how much of something is taken whatever comes, mL or g by its id
 */
public record Aim(
    double millilitres, List<Target> targets, List<Ingredient> from, Map<String, Double> locked) {

  /**
   * How strong something is to be.
   *
   * @param active which; ethanol stands for all alcohol together
   * @param least the least, percent
   * @param most the most, percent
   */
  public record Target(Active active, double least, double most) {

    public Target {
      Objects.requireNonNull(active, "active");
      if (!(least >= 0 && least <= most)) {
        throw new IllegalArgumentException("from the least to the most");
      }
    }

    /** Just so strong. */
    public static Target of(Active active, double percent) {
      return new Target(active, percent, percent);
    }

    /** What of it is in an ingredient, percent. */
    double in(Ingredient one) {
      return active == Active.ETHANOL
          ? one.alcoholShare() * HUNDRED
          : one.strength(active).percent();
    }

    /** How it is told in a sentence. */
    String words() {
      return active == Active.ETHANOL ? "alcohol" : active.words();
    }

    private static final double HUNDRED = 100;
  }

  public Aim {
    targets = List.copyOf(targets);
    from = List.copyOf(from);
    locked = Map.copyOf(locked);
    if (!(millilitres > 0)) {
      throw new IllegalArgumentException("more than nothing, not " + millilitres);
    }
  }
}
