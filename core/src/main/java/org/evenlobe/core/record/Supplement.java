package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;

/**
 * An oil that a dog gets with its food, as its label says it, and how much of it a day.
 *
 * @param source what it is from
 * @param per by which measure the label tells its strength
 * @param epa mg of EPA in one of these
 * @param dha mg of DHA in one of these
 * @param vitaminE mg of vitamin E in one of these, where the label names it
 * @param capsuleGrams how many grams of oil a capsule holds, where that is known
 * @param amount how much a day
 * @param by of which measure
 */
public record Supplement(
    OilSource source,
    OilMeasure per,
    double epa,
    double dha,
    Optional<Double> vitaminE,
    Optional<Double> capsuleGrams,
    double amount,
    OilMeasure by) {

  public Supplement {
    Objects.requireNonNull(source, "source");
    Objects.requireNonNull(vitaminE, "vitaminE");
    Objects.requireNonNull(capsuleGrams, "capsuleGrams");
    if (epa < 0 || dha < 0 || amount <= 0) {
      throw new IllegalArgumentException("a strength is not below 0, and an amount above it");
    }
    if (source == OilSource.PLANT && epa + dha > 0) {
      throw new IllegalArgumentException("oil from plants has neither EPA nor DHA");
    }
    if (per != by
        && (per == OilMeasure.CAPSULE || by == OilMeasure.CAPSULE)
        && capsuleGrams.isEmpty()) {
      throw new IllegalArgumentException("how much oil a capsule holds must be known");
    }
  }
}
