package org.evenlobe.core.measure;

/**
 * A mass of something that is weighed in, in grams.
 *
 * @param grams finite and not negative
 */
public record Mass(double grams) {

  public Mass {
    if (!(grams >= 0 && Double.isFinite(grams))) {
      throw new IllegalArgumentException("a mass is 0 g or more, not " + grams);
    }
  }

  /** That many grams. */
  public static Mass grams(double grams) {
    return new Mass(grams);
  }
}
