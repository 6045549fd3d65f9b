package org.evenlobe.core.ear;

import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.measure.Weight;

/**
 * The shape of one ear's canal: down the side of the head to the bend, then in to the eardrum.
 *
 * <p>The reference ear of a dog of 20 kg has a vertical part 5.0 cm long, 1.6 cm wide at the
 * opening and 0.8 cm at the bend, and a horizontal part 2.5 cm long, 0.8 to 0.5 cm wide: 5.9 + 0.8
 * = 6.7 mL. Every length scales with (W / 20)^0.28, so that 5 kg hold about 2.1 mL and 50 kg about
 * 14.5 mL.
 *
 * @param vertical from the opening (wide) to the bend (narrow)
 * @param horizontal from the bend (wide) to the eardrum (narrow)
 */
public record Canal(Cone vertical, Cone horizontal) {
  private static final Canal REFERENCE =
      new Canal(new Cone(5.0, 1.6, 0.8), new Cone(2.5, 0.8, 0.5));
  private static final double REFERENCE_KILOGRAMS = 20;
  private static final double EXPONENT = 0.28;

  /** The canal expected of a dog of that weight. */
  public static Canal ofWeight(Weight weight) {
    return REFERENCE.scaled(Math.pow(weight.kilograms() / REFERENCE_KILOGRAMS, EXPONENT));
  }

  /** The canal of that volume; all lengths scale with the cube root. */
  public static Canal ofVolume(Volume volume) {
    return REFERENCE.scaled(Math.cbrt(volume.millilitres() / REFERENCE.volume().millilitres()));
  }

  /** How much it holds with the head level. */
  public Volume volume() {
    return new Volume(vertical.volume() + horizontal.volume());
  }

  private Canal scaled(double factor) {
    return new Canal(vertical.scaled(factor), horizontal.scaled(factor));
  }
}
