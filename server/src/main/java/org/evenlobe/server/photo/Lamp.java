package org.evenlobe.server.photo;

/** A light that an ear is looked at in: what it gives of red, green and blue, 0 to 1. */
public enum Lamp {
  /** By a window. */
  DAYLIGHT(0.95, 0.95, 0.95),
  /** A lamp in a laundry room. */
  WARM(1, 0.78, 0.5),
  /** A cold tube. */
  COLD(0.76, 0.9, 1);

  private final double[] gives;

  Lamp(double red, double green, double blue) {
    gives = new double[] {red, green, blue};
  }

  /** A colour, sRGB, as it looks in this light. */
  int lit(int rgb) {
    int lit = 0;
    for (int i = 0; i < gives.length; i++) {
      int shift = 16 - 8 * i;
      lit |= encoded(linear((rgb >> shift) & 0xFF) * gives[i]) << shift;
    }
    return lit;
  }

  private static double linear(int channel) {
    double c = channel / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }

  private static int encoded(double light) {
    double c = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    return (int) Math.round(255 * c);
  }
}
