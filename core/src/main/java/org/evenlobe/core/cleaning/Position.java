package org.evenlobe.core.cleaning;

import java.util.Optional;
import org.evenlobe.core.measure.Weight;

/**
 * How to hold a dog while its ears are cleaned (rule CLEAN_POSITION).
 *
 * @param place where it stands
 * @param hold who holds it how
 * @param bites whether it is to wear a muzzle first
 * @param where the place in words
 * @param how the hold in words
 * @param caution what not to do
 */
public record Position(
    Place place, Hold hold, boolean bites, String where, String how, String caution) {
  /** From this weight on a dog is cleaned on the floor. */
  private static final double LARGE_FROM_KILOGRAMS = 25;

  /** Where the dog stands. */
  public enum Place {
    /** On a raised surface. */
    RAISED,
    /** On the floor. */
    FLOOR
  }

  /** Who holds it. */
  public enum Hold {
    /** A second person. */
    HELPER,
    /** The person who cleans. */
    ALONE
  }

  /** How to hold a dog of that weight, where it is known. */
  public static Position of(Optional<Weight> weight, boolean helper, boolean bites) {
    boolean large = weight.filter(w -> w.kilograms() >= LARGE_FROM_KILOGRAMS).isPresent();
    return new Position(
        large ? Place.FLOOR : Place.RAISED,
        helper ? Hold.HELPER : Hold.ALONE,
        bites,
        large
            ? "On the floor, its rear in a corner, so that it cannot back away."
            : "On a table or another raised surface that does not slip.",
        how(large, helper),
        bites
            ? helper
                ? "It bites: muzzle on before you begin. If that is a fight, leave it to a vet or"
                    + " a groomer."
                : "It bites: muzzle on, and not alone. Get a helper, or leave it to a vet or a"
                    + " groomer."
            : "Never force it. If it fights, stop and reward what went well.");
  }

  private static String how(boolean large, boolean helper) {
    if (helper) {
      return "Your helper has one hand under the muzzle and the other behind the head, and feeds"
          + " it or rubs the other ear.";
    }
    return large
        ? "Sit behind it with the dog backed between your knees, or hug it from the side, your"
            + " free hand on its jaw."
        : "Hug it against your side, your free hand on its jaw.";
  }
}
