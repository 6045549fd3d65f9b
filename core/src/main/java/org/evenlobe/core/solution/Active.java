package org.evenlobe.core.solution;

import org.evenlobe.core.measure.Worded;

/** What acts in a mix. */
public enum Active implements Worded {
  ACETIC_ACID("acetic acid"),
  CITRIC_ACID("citric acid"),
  BORIC_ACID("boric acid"),
  SALICYLIC_ACID("salicylic acid"),
  ETHANOL("ethanol"),
  ISOPROPYL("isopropyl alcohol"),
  PEROXIDE("hydrogen peroxide"),
  IODINE("povidone-iodine"),
  CHLORHEXIDINE("chlorhexidine"),
  TRIS("tris"),
  EDTA("disodium EDTA"),
  CHLORIDE("a buffer's chloride"),
  SALT("sodium chloride"),
  DYE("dye"),
  GLYCERINE("glycerine"),
  GLYCOL("propylene glycol"),
  SOAP("soap"),
  ESSENTIAL_OIL("essential oil"),
  BLEACH("bleach");

  private final String words;

  Active(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it is told in parts of volume, as alcohol is; all others in grams of a volume. */
  public boolean isByVolume() {
    return this == ETHANOL || this == ISOPROPYL || this == GLYCERINE || this == GLYCOL;
  }

  /** Whether it makes a mix sour. */
  public boolean isAcid() {
    return this == ACETIC_ACID
        || this == CITRIC_ACID
        || this == BORIC_ACID
        || this == SALICYLIC_ACID;
  }
}
