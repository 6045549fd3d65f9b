package org.evenlobe.core.suit;

import java.util.EnumMap;
import java.util.Map;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Mix;

/**
 * How strong a mix may be for an ear, so that nothing of the table speaks against it.
 *
 * @param most the most of each active, percent
 * @param mostAlcohol of all alcohol together
 * @param leastAcetic the least acetic acid, where it is meant against yeast
 * @param leastPh how sour it may be
 */
record Bounds(Map<Active, Double> most, double mostAlcohol, double leastAcetic, double leastPh) {
  /** The table forbids what is reached, not only what is exceeded. */
  private static final double JUST_UNDER = 0.999;

  private static final double ABOVE_ITS_ROW = 1.01;

  static Bounds of(EarNow ear, boolean againstYeast, Mix mix) {
    boolean sore = ear.sores() != Grade.NONE;
    boolean burns = sore || ear.redness().number() >= 2;
    boolean tender = burns || ear.redness() == Grade.MILD;
    Map<Active, Double> most = new EnumMap<>(Active.class);
    most.put(Active.ACETIC_ACID, tender ? Suitability.BURNS_ACETIC : Suitability.MUCH_ACETIC);
    most.put(
        Active.BORIC_ACID, sore ? Suitability.BROKEN_BORIC * JUST_UNDER : Suitability.MOST_BORIC);
    most.put(Active.SALT, Suitability.MUCH_SALT);
    most.put(Active.CHLORHEXIDINE, Suitability.MOST_CHLORHEXIDINE);
    most.put(Active.IODINE, Suitability.MOST_IODINE);
    most.put(Active.SALICYLIC_ACID, Suitability.MOST_SALICYLIC);
    most.put(Active.GLYCOL, Suitability.MOST_GLYCOL);
    return new Bounds(
        most,
        tender ? Suitability.BURNS_ALCOHOL : Suitability.MUCH_ALCOHOL,
        againstYeast && mix.has(Active.ACETIC_ACID) ? Suitability.WORKS_ACETIC * ABOVE_ITS_ROW : 0,
        burns ? Suitability.BURNS_PH : Suitability.SOUREST);
  }
}
