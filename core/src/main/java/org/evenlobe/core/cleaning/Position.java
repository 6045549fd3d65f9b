package org.evenlobe.core.cleaning;

import java.util.Optional;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.HoldWay;

/**
 * How to hold a dog while its ears are cleaned (rule CLEAN_POSITION): from 25 kg, and where nobody
 * knows what it weighs, on the floor.
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

  /** How to hold a dog of that weight, where it is known, or as was chosen for it. */
  public static Position of(
      Optional<Weight> weight, boolean helper, boolean bites, Optional<HoldWay> chosen) {
    boolean small = weight.filter(w -> w.kilograms() < LARGE_FROM_KILOGRAMS).isPresent();
    HoldWay way = chosen.orElse(small ? HoldWay.TABLE : HoldWay.CORNER);
    return new Position(
        way == HoldWay.TABLE ? Place.RAISED : Place.FLOOR,
        helper ? Hold.HELPER : Hold.ALONE,
        bites,
        where(way),
        how(way, small, helper),
        bites
            ? helper
                ? "It bites: muzzle on before you begin. If that is a fight, leave it to a vet or"
                    + " a groomer."
                : "It bites: muzzle on, and not alone. Get a helper, or leave it to a vet or a"
                    + " groomer."
            : "Never force it. If it fights, stop and reward what went well.");
  }

  private static String where(HoldWay way) {
    return switch (way) {
      case TABLE -> "On a table or another raised surface that does not slip.";
      case CORNER, HUG, KNEES -> "On the floor, its rear in a corner, so that it cannot back away.";
      case LYING -> "Lying on its side on a mat, the ear that is done up.";
      case TUB -> "In the tub on a mat that does not slip, tethered short.";
    };
  }

  private static String how(HoldWay way, boolean small, boolean helper) {
    if (helper) {
      return "Your helper has one hand under the muzzle and the other behind the head, and feeds"
          + " it or rubs the other ear.";
    }
    return switch (way) {
      case KNEES ->
          "Sit behind it with the dog backed between your knees, your free hand on its jaw.";
      case HUG -> "Hug it against your side, your free hand on its jaw.";
      case LYING -> "Kneel behind its back, your forearm over its neck without weight.";
      case TUB -> "Stand at its side, your free hand on its jaw. Never leave it tethered alone.";
      case TABLE, CORNER ->
          small
              ? "Hug it against your side, your free hand on its jaw."
              : "Sit behind it with the dog backed between your knees, or hug it from the side, your"
                  + " free hand on its jaw.";
    };
  }
}
