package org.evenlobe.core.record;

import java.util.Objects;

/**
 * What the microscope showed of one ear's smear.
 *
 * @param yeast yeast
 * @param cocci round bacteria
 * @param rods rod-shaped bacteria
 */
public record Smear(Amount yeast, Amount cocci, Amount rods) {

  /** How many were seen. */
  public enum Amount {
    /** None. */
    NONE,
    /** A few. */
    FEW,
    /** Some. */
    SOME,
    /** Many. */
    MANY
  }

  public Smear {
    Objects.requireNonNull(yeast, "yeast");
    Objects.requireNonNull(cocci, "cocci");
    Objects.requireNonNull(rods, "rods");
  }

  /** Whether the microscope showed anything, so that the vet confirmed an infection. */
  public boolean showsAny() {
    return yeast != Amount.NONE || cocci != Amount.NONE || rods != Amount.NONE;
  }
}
