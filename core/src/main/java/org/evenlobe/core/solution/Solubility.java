package org.evenlobe.core.solution;

/**
 * How much of a powder a layer holds (rules SOLUTION_BORIC and SOLUTION_SALICYLIC). Boric acid in
 * water by a table, linear between its temperatures; in a mix of solvents log-linear by their
 * shares of the volume (Yalkowsky). For example 200 mL of water at 20 °C hold 9.44 g.
 */
final class Solubility {
  private static final double[] CELSIUS = {0, 10, 20, 25, 30, 40, 60, 80, 100};
  private static final double[] IN_WATER = {
    2.52, 3.49, 4.72, 5.70, 6.23, 8.08, 12.97, 19.10, 27.53
  };
  private static final double IN_ALCOHOL = 5.6;
  private static final double IN_GLYCERINE = 25;
  private static final double SALICYLIC = 0.2;
  private static final double MOSTLY_WATER = 0.8;
  private static final double HUNDRED = 100;

  private Solubility() {}

  /** How many grams of boric acid a layer holds at a temperature; glycol counts as water. */
  static double boric(Layer layer, double celsius) {
    double whole = layer.millilitres();
    if (whole == 0) {
      return 0;
    }
    double logarithm =
        (layer.water() + layer.glycol()) / whole * Math.log(inWater(celsius))
            + layer.alcohol() / whole * Math.log(IN_ALCOHOL)
            + layer.glycerine() / whole * Math.log(IN_GLYCERINE);
    return Math.exp(logarithm) / HUNDRED * whole;
  }

  private static double inWater(double celsius) {
    int above = 1;
    while (above < CELSIUS.length - 1 && CELSIUS[above] < celsius) {
      above++;
    }
    double share = (celsius - CELSIUS[above - 1]) / (CELSIUS[above] - CELSIUS[above - 1]);
    return IN_WATER[above - 1] + share * (IN_WATER[above] - IN_WATER[above - 1]);
  }

  /** How many grams of salicylic acid it holds: little where it is mostly water. */
  static double salicylic(Layer layer) {
    if (!layer.isThere()) {
      return 0;
    }
    return layer.waterShare() > MOSTLY_WATER
        ? SALICYLIC / HUNDRED * layer.millilitres()
        : Double.POSITIVE_INFINITY;
  }
}
