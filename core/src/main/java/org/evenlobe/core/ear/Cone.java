package org.evenlobe.core.ear;

/**
 * A truncated cone: a stretch of the canal.
 *
 * @param length cm
 * @param wide diameter of its wider end, cm
 * @param narrow diameter of its narrower end, cm
 */
public record Cone(double length, double wide, double narrow) {

  public Cone {
    if (!(length > 0 && narrow > 0 && wide >= narrow)) {
      throw new IllegalArgumentException(
          "a cone of length " + length + ", widths " + wide + " and " + narrow);
    }
  }

  /** πh(D² + Dd + d²)/12, in mL. */
  double volume() {
    return Math.PI * length * (wide * wide + wide * narrow + narrow * narrow) / 12;
  }

  Cone scaled(double factor) {
    return new Cone(length * factor, wide * factor, narrow * factor);
  }

  /** The diameter at that distance from the narrower end. */
  double widthAt(double distance) {
    return narrow + (wide - narrow) * distance / length;
  }

  /**
   * The distance from the narrower end up to which that volume reaches, solved from the cone's
   * formula: with slope k the width there is the cube root of d³ + 12kV/π.
   */
  double reachOf(double volume) {
    double slope = (wide - narrow) / length;
    if (slope == 0) {
      return volume * 4 / (Math.PI * narrow * narrow);
    }
    double widthThere = Math.cbrt(Math.pow(narrow, 3) + 12 * slope * volume / Math.PI);
    return (widthThere - narrow) / slope;
  }
}
