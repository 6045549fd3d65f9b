package org.evenlobe.core.ear;

/**
 * How much lies below a level plane in a cone that stands on its narrow end and is tilted.
 *
 * <p>Sliced across its axis: at distance z from the narrow end the plane cuts the circle of radius
 * r at x₀ = (z·cosθ − c)/sinθ, and what is below it is the circle's segment beyond x₀. The level c
 * is the plane's height above the middle of the narrow end.
 *
 * <p>For example a cylinder filled to its lowest rim has lost the wedge πD³·tanθ/8, as long as the
 * surface meets its wall only.
 */
final class TiltedCone {
  private static final int SLICES = 800;
  private static final int HALVINGS = 60;

  private final Cone cone;
  private final double sin;
  private final double cos;

  TiltedCone(Cone cone, Tilt tilt) {
    this.cone = cone;
    this.sin = Math.sin(tilt.radians());
    this.cos = Math.cos(tilt.radians());
  }

  /** The height of the lowest point of the rim: liquid above it runs out. */
  double rim() {
    return cone.length() * cos - cone.wide() / 2 * sin;
  }

  /** The volume below that level, mL. */
  double below(double level) {
    double step = cone.length() / SLICES;
    double sum = 0;
    for (int slice = 0; slice < SLICES; slice++) {
      double z = (slice + 0.5) * step;
      sum += segment(cone.widthAt(z) / 2, z * cos - level);
    }
    return sum * step;
  }

  /** The level at which that volume stands, by halving; the rim's for all that does not fit. */
  double levelOf(double volume) {
    double low = -cone.wide();
    double high = rim();
    if (volume >= below(high)) {
      return high;
    }
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (below(middle) < volume) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }

  /** The area of the circle's part that lies below the level, given how far its middle is above. */
  private double segment(double radius, double middleAbove) {
    // cut = x0 · sin; compared before dividing, so that no tilt at all needs no case of its own
    if (middleAbove >= radius * sin) {
      return middleAbove == 0 && sin == 0 ? Math.PI * radius * radius : 0;
    }
    if (middleAbove <= -radius * sin) {
      return Math.PI * radius * radius;
    }
    double cut = middleAbove / sin;
    return radius * radius * Math.acos(cut / radius) - cut * Math.sqrt(radius * radius - cut * cut);
  }
}
