package org.evenlobe.core.solution;

/**
 * A powder in a mix, and what of it does not dissolve.
 *
 * @param grams how much was put in
 * @param mostGrams the most that dissolves at {@value MixAnalysis#ROOM} °C
 * @param grit what is left undissolved there
 * @param gritWarm what is left undissolved at {@value MixAnalysis#WARM} °C
 * @param dropsOut what of the dissolved drops out at {@value MixAnalysis#COLD} °C
 */
public record Grit(double grams, double mostGrams, double grit, double gritWarm, double dropsOut) {
  private static final double CRUMB = 1e-9;

  /** What is dissolved at room temperature. */
  double dissolved() {
    return grams - grit;
  }

  /** Whether anything stays undissolved. */
  public boolean isThere() {
    return grit > CRUMB;
  }

  /** Whether it must not be kept cold. */
  public boolean fallsInTheCold() {
    return dropsOut > CRUMB;
  }
}
