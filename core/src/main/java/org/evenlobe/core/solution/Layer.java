package org.evenlobe.core.solution;

/**
 * What a mix is made of without its oil: the layer in which all else is dissolved.
 *
 * @param water mL of water in it
 * @param alcohol mL of alcohol
 * @param glycerine mL of glycerine
 * @param glycol mL of propylene glycol
 */
record Layer(double water, double alcohol, double glycerine, double glycol) {

  static Layer of(Mix mix) {
    double water = 0;
    double alcohol = 0;
    double glycerine = 0;
    double glycol = 0;
    for (Part part : mix.parts()) {
      double amount = part.millilitres();
      switch (part.ingredient().phase()) {
        case WATER, ALCOHOL -> {
          double spirit = amount * part.ingredient().alcoholShare();
          alcohol += spirit;
          water += amount - spirit;
        }
        case GLYCERINE -> glycerine += amount;
        case GLYCOL -> glycol += amount;
        case OIL, SOLID -> {}
      }
    }
    return new Layer(water, alcohol, glycerine, glycol);
  }

  double millilitres() {
    return water + alcohol + glycerine + glycol;
  }

  boolean isThere() {
    return millilitres() > 0;
  }

  /** Which share of it is water. */
  double waterShare() {
    return isThere() ? water / millilitres() : 0;
  }
}
