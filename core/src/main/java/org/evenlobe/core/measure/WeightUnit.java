package org.evenlobe.core.measure;

/** How weights are written. */
public enum WeightUnit {
  /** Kilograms. */
  KG,
  /** Pounds of 0.45359237 kg. */
  LB
}
