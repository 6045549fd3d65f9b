package org.evenlobe.core.ear;

/**
 * How far the head is rolled so that this ear goes down.
 *
 * @param degrees 0 with the opening up, {@value #MOST} at most
 */
public record Tilt(double degrees) {
  /** Beyond this nothing is computed: hardly anything stays in. */
  public static final double MOST = 60;

  public Tilt {
    if (!(degrees >= 0 && degrees <= MOST)) {
      throw new IllegalArgumentException("a tilt is 0 to " + MOST + " degrees, not " + degrees);
    }
  }

  double radians() {
    return Math.toRadians(degrees);
  }
}
