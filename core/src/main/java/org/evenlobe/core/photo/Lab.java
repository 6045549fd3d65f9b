package org.evenlobe.core.photo;

/**
 * A colour in CIELAB, under daylight D65 (CIE, 1976).
 *
 * <p>For example pure sRGB red is L* 53.2, a* 80.1, b* 67.2.
 *
 * @param lightness L*, 0 black to 100 white
 * @param redness a*, green below 0, red above
 * @param yellowness b*, blue below 0, yellow above
 */
public record Lab(double lightness, double redness, double yellowness) {
  private static final double[][] TO_XYZ = {
    {0.4124564, 0.3575761, 0.1804375},
    {0.2126729, 0.7151522, 0.0721750},
    {0.0193339, 0.1191920, 0.9503041}
  };
  private static final double[] D65 = {0.95047, 1, 1.08883};
  private static final double EPSILON = 216.0 / 24389;
  private static final double KAPPA = 24389.0 / 27;

  /** The colour of such light, red, green and blue each 0 to 1. */
  static Lab of(double[] light) {
    double[] f = new double[D65.length];
    for (int i = 0; i < D65.length; i++) {
      double sum = 0;
      for (int j = 0; j < light.length; j++) {
        sum += TO_XYZ[i][j] * light[j];
      }
      double t = sum / D65[i];
      f[i] = t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116;
    }
    return new Lab(116 * f[1] - 16, 500 * (f[0] - f[1]), 200 * (f[1] - f[2]));
  }

  /** The colour as it is in the picture, uncorrected. */
  public static Lab of(Rgb colour) {
    return of(colour.linear());
  }
}
