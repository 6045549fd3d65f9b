package org.evenlobe.core.measure;

/** How volumes are written. */
public enum VolumeUnit {
  /** Millilitres. */
  ML,
  /** Spoons: a teaspoon of 4.929 mL. */
  SPOONS,
  /** US fluid ounces of 29.574 mL, below one of them teaspoons; and degrees Fahrenheit. */
  FL_OZ
}
