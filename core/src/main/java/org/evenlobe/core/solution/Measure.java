package org.evenlobe.core.solution;

import org.evenlobe.core.measure.Worded;

/**
 * What is measured with in a kitchen. A powder is weighed, or taken by the level spoon through how
 * dense it lies: that is 20 % off either way. For example a level teaspoon of boric acid is 3.7 g.
 */
public enum Measure implements Worded {
  /** Millilitres. */
  MILLILITRE("mL", 1),
  /** Grams. */
  GRAM("g", 0),
  /** Drops: of oil and alcohol smaller ones. */
  DROP("drops", 1 / 20.0),
  /** A teaspoon of the United States. */
  TEASPOON("tsp", 4.929),
  /** A tablespoon of the United States. */
  TABLESPOON("tbsp", 14.787),
  /** A cup of the United States. */
  CUP("cups", 236.588),
  /** A fluid ounce of the United States. */
  FLUID_OUNCE("fl oz", 29.574),
  /** A spoon of 5 mL. */
  METRIC_TEASPOON("spoons of 5 mL", 5),
  /** A spoon of 15 mL. */
  METRIC_TABLESPOON("spoons of 15 mL", 15),
  /** An Australian tablespoon. */
  AUSTRALIAN_TABLESPOON("spoons of 20 mL", 20),
  /** A cup of 250 mL. */
  METRIC_CUP("cups of 250 mL", 250),
  /** An imperial fluid ounce. */
  IMPERIAL_OUNCE("imperial fl oz", 28.413),
  /** A share of the whole, told by the other lines; see {@link PouredLine}. */
  PART("parts", 1),
  /** A capsule, which says what it holds. */
  CAPSULE("capsules", 1);

  private static final double DROP_OF_OIL = 1 / 25.0;
  private static final double DROP_OF_ALCOHOL = 1 / 45.0;

  private final String words;
  private final double millilitres;

  Measure(String words, double millilitres) {
    this.words = words;
    this.millilitres = millilitres;
  }

  @Override
  public String words() {
    return words;
  }

  /** So many of it, of an ingredient. */
  public Part of(Ingredient ingredient, double count) {
    boolean powder = ingredient.phase() == Phase.SOLID;
    if (this == GRAM) {
      return new Part(ingredient, powder ? count : count / ingredient.density());
    }
    double volume = count * millilitresOf(ingredient);
    return new Part(ingredient, powder ? volume * ingredient.density() : volume);
  }

  private double millilitresOf(Ingredient ingredient) {
    if (this != DROP) {
      return millilitres;
    }
    return switch (ingredient.phase()) {
      case OIL -> DROP_OF_OIL;
      case ALCOHOL -> DROP_OF_ALCOHOL;
      default -> millilitres;
    };
  }

  /** Whether so much of an ingredient is only known to within a fifth: weigh it. */
  public boolean isRough(Ingredient ingredient) {
    return ingredient.phase() == Phase.SOLID && this != GRAM;
  }
}
