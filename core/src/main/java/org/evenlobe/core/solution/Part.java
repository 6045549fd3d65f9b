package org.evenlobe.core.solution;

import org.evenlobe.core.measure.Mass;
import org.evenlobe.core.measure.Volume;

/**
 * So much of an ingredient: a liquid by its volume, a powder by its mass.
 *
 * @param ingredient which
 * @param amount mL of a liquid, g of a powder
 */
public record Part(Ingredient ingredient, double amount) {
  private static final double HUNDRED = 100;

  public Part {
    if (!(amount >= 0 && Double.isFinite(amount))) {
      throw new IllegalArgumentException("0 or more, not " + amount);
    }
  }

  /** So much of a liquid. */
  public static Part of(Ingredient liquid, Volume volume) {
    if (liquid.phase() == Phase.SOLID) {
      throw new IllegalArgumentException(liquid.name() + " is weighed");
    }
    return new Part(liquid, volume.millilitres());
  }

  /** So much of a powder. */
  public static Part of(Ingredient powder, Mass mass) {
    if (powder.phase() != Phase.SOLID) {
      throw new IllegalArgumentException(powder.name() + " is poured");
    }
    return new Part(powder, mass.grams());
  }

  /** Its volume in the mix, mL: a powder that dissolves adds none. */
  public double millilitres() {
    return ingredient.phase() == Phase.SOLID ? 0 : amount;
  }

  /** What it weighs, g. */
  public double grams() {
    return ingredient.phase() == Phase.SOLID ? amount : amount * ingredient.density();
  }

  /** What it costs, in no money of its own: by what such things cost against each other. */
  double price() {
    return ingredient.price() / HUNDRED * amount;
  }

  /** What is in it of an active: grams, of alcohol and the like mL. */
  public double of(Active active) {
    return ingredient.strength(active).in(amount);
  }

  /** How much it is, as a sentence says it. */
  public String words() {
    return ingredient.amount(amount);
  }
}
