package org.evenlobe.core.measure;

/**
 * The weight of a dog, in kilograms.
 *
 * <p>For example {@code new Weight(20)} is a dog of 20 kg.
 *
 * @param kilograms from {@value #LEAST} to {@value #MOST}
 */
public record Weight(double kilograms) {
  /** Lighter than a newborn toy breed. */
  public static final double LEAST = 0.1;

  /** Heavier than the heaviest dog. */
  public static final double MOST = 120;

  private static final double KILOGRAMS_OF_A_POUND = 0.45359237;

  public Weight {
    if (!(kilograms >= LEAST && kilograms <= MOST)) {
      throw new IllegalArgumentException(
          "a dog weighs from " + LEAST + " to " + MOST + " kg, not " + kilograms);
    }
  }

  /** How many kilograms so many pounds are, to the gram. */
  public static double kilogramsOfPounds(double pounds) {
    return Math.round(pounds * KILOGRAMS_OF_A_POUND * 1000) / 1000.0;
  }
}
