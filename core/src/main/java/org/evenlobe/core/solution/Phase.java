package org.evenlobe.core.solution;

/** What an ingredient pours as. */
public enum Phase {
  /** Water, and what is dissolved in it. */
  WATER,
  /** Alcohol, with the water that is in it. */
  ALCOHOL,
  /** Glycerine. */
  GLYCERINE,
  /** Propylene glycol. */
  GLYCOL,
  /** Oil: it floats on the rest. */
  OIL,
  /** A powder: it adds no volume where it dissolves. */
  SOLID
}
