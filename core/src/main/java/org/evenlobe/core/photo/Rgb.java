package org.evenlobe.core.photo;

/**
 * A colour as a picture holds it, sRGB.
 *
 * <p>For example skin of a quiet ear is about {@code new Rgb(222, 178, 164)}.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record Rgb(double red, double green, double blue) {
  /** The most that each may be. */
  public static final double MOST = 255;

  public Rgb {
    if (!holds(red) || !holds(green) || !holds(blue)) {
      throw new IllegalArgumentException("red, green and blue are 0 to 255");
    }
  }

  private static boolean holds(double channel) {
    return channel >= 0 && channel <= MOST;
  }

  /** As light, each 0 to 1 (IEC 61966-2-1). */
  double[] linear() {
    return new double[] {linear(red), linear(green), linear(blue)};
  }

  private static double linear(double channel) {
    double c = channel / MOST;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }
}
