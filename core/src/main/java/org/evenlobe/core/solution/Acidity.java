package org.evenlobe.core.solution;

import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * The pH of a layer by its charge balance at 25 °C (rule SOLUTION_PH): the charges of all that is
 * dissolved add up to nothing, and only one concentration of H⁺ makes them do so. Weak acids and
 * bases by their constants, without a correction for activity. For example acetic acid of 5 % gives
 * 2.42, and half as strong 2.57: dilution halves the acid and hardly moves the pH.
 */
final class Acidity {
  private static final double WATER = 14;
  private static final double CLOSE = 1e-7;
  private static final int TRIES = 200;
  private static final double GRAMS_PER_LITRE = 1000;

  private static final Weak ACETIC = new Weak(60.052, 4.756);
  private static final Weak BORIC = new Weak(61.83, 9.24);
  private static final Weak SALICYLIC = new Weak(138.12, 2.97);
  private static final Weak CITRIC = new Weak(192.12, 3.13, 4.76, 6.40);
  private static final Weak EDTA = new Weak(372.24, 2.0, 2.67, 6.16, 10.26);
  private static final Weak TRIS = new Weak(121.14, 8.07);
  private static final double CHLORIDE = 35.45;
  private static final int SODIUM_OF_EDTA = 2;

  private final double acetic;
  private final double boric;
  private final double salicylic;
  private final double citric;
  private final double edta;
  private final double tris;
  private final double chloride;

  /** A weak acid or the acid of a weak base: its molar mass and its constants. */
  private static final class Weak {
    private final double molarMass;
    private final double[] constants;

    Weak(double molarMass, double... constants) {
      this.molarMass = molarMass;
      this.constants = constants;
    }

    double molar(double grams, double millilitres) {
      return grams / molarMass * GRAMS_PER_LITRE / millilitres;
    }

    /** How many protons of a molecule are gone, on average. */
    double lost(double ph) {
      if (constants.length == 1) {
        return 1 / (1 + Math.pow(10, constants[0] - ph));
      }
      double weight = 1;
      double whole = 1;
      double lost = 0;
      for (int i = 0; i < constants.length; i++) {
        weight *= Math.pow(10, ph - constants[i]);
        whole += weight;
        lost += (i + 1) * weight;
      }
      return lost / whole;
    }
  }

  private Acidity(Mix mix, double millilitres, double boricGrams, double salicylicGrams) {
    acetic = ACETIC.molar(mix.of(Active.ACETIC_ACID), millilitres);
    citric = CITRIC.molar(mix.of(Active.CITRIC_ACID), millilitres);
    edta = EDTA.molar(mix.of(Active.EDTA), millilitres);
    tris = TRIS.molar(mix.of(Active.TRIS), millilitres);
    chloride = mix.of(Active.CHLORIDE) / CHLORIDE * GRAMS_PER_LITRE / millilitres;
    boric = BORIC.molar(boricGrams, millilitres);
    salicylic = SALICYLIC.molar(salicylicGrams, millilitres);
  }

  /**
   * The pH of a mix.
   *
   * @param millilitres of the layer in which all is dissolved
   * @param boricGrams how much of the boric acid is dissolved
   * @param salicylicGrams how much of the salicylic acid is
   */
  static double ph(Mix mix, double millilitres, double boricGrams, double salicylicGrams) {
    Acidity acidity = new Acidity(mix, millilitres, boricGrams, salicylicGrams);
    return new BrentSolver(CLOSE).solve(TRIES, acidity::charge, 0, WATER);
  }

  private static double given(double molar, Weak acid, double ph) {
    return molar == 0 ? 0 : molar * acid.lost(ph);
  }

  /** The charge that would be left over at a pH; it falls as that rises. */
  private double charge(double ph) {
    double positive = Math.pow(10, -ph) + (tris - given(tris, TRIS, ph)) + SODIUM_OF_EDTA * edta;
    double negative =
        Math.pow(10, ph - WATER)
            + chloride
            + given(acetic, ACETIC, ph)
            + given(boric, BORIC, ph)
            + given(salicylic, SALICYLIC, ph)
            + given(citric, CITRIC, ph)
            + given(edta, EDTA, ph);
    return positive - negative;
  }
}
