package org.evenlobe.core.ear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.evenlobe.core.record.ClimateReading;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.LoadTrait;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How fast load gathers in an ear of this kind (rule EAR_LOAD_FACTOR).
 *
 * <p>The load factor ρ is the product of one factor each for carriage, canal hair, feathering,
 * breed, water, ground, climate, allergy and past infections, held within 0.35 and 4. The breed
 * counts beyond its ear shape only, as (odds ratio of the breed ÷ odds ratio of its carriage) to
 * the power of 0.35, held within 0.6 and 1.8; without a published ratio it changes nothing.
 *
 * <p>For example a feathered pendulous ear with dense hair that swims weekly has 2.0 · 1.4 · 1.15 ·
 * 1.4 = 4.508, held at 4.
 */
public final class EarLoading {
  private static final double BREED_EXPONENT = 0.35;
  private static final double BREED_LEAST = 0.6;
  private static final double BREED_MOST = 1.8;

  private EarLoading() {}

  /**
   * The load factor with a reason for each of its factors.
   *
   * @param breed the dog's catalogue entry or cross; empty when not known
   */
  public static LoadFactor loadFactor(EarTraits ears, Life life, Optional<Breed> breed) {
    return loadFactor(ears, life, breed, Optional.empty());
  }

  /** The same where a weather service says how humid the air is, instead of the person. */
  public static LoadFactor loadFactor(
      EarTraits ears, Life life, Optional<Breed> breed, Optional<ClimateReading> reading) {
    List<Reason> factors = new ArrayList<>();
    factors.add(carriage(ears));
    factors.add(trait(Rule.EAR_CANAL_HAIR, ears.canalHair(), "The canal"));
    factors.add(trait(Rule.EAR_FEATHERING, ears.feathering(), "Feathering"));
    factors.add(breed(breed));
    factors.add(trait(Rule.EAR_WATER, life.water(), "Water in the ears"));
    factors.add(trait(Rule.EAR_GROUND, life.ground(), "Ground and dust"));
    factors.add(
        reading
            .map(one -> trait(Rule.EAR_CLIMATE, one.climate(), "Climate by " + one.source()))
            .orElse(trait(Rule.EAR_CLIMATE, life.climate(), "Climate")));
    factors.add(trait(Rule.EAR_ALLERGY, life.allergy(), "Allergy"));
    factors.add(trait(Rule.EAR_HISTORY, life.infections(), "Ear infections in 12 months"));
    return multiplied(factors);
  }

  private static LoadFactor multiplied(List<Reason> factors) {
    double product = 1;
    for (Reason factor : factors) {
      product *= factor.numbers().get("times");
    }
    double value = Figures.hold(product, LoadFactor.LEAST, LoadFactor.MOST);
    List<Reason> reasons = new ArrayList<>(factors);
    reasons.add(product(factors, product, value));
    return new LoadFactor(value, product, reasons);
  }

  private static Reason product(List<Reason> factors, double product, double value) {
    String terms =
        factors.stream()
            .map(factor -> factor.numbers().get("times"))
            .filter(times -> times != 1)
            .map(Figures::plain)
            .collect(Collectors.joining(" · "));
    String sentence =
        terms.isEmpty()
            ? "Every factor is 1: this is an average ear."
            : "As loaded as so many average ears: "
                + (terms.contains("·") ? terms + " = " : "")
                + Figures.plain(product)
                + (value == product
                    ? "."
                    : "; taken as " + Figures.plain(value) + ", " + bound(product) + ".");
    return Reason.of(Rule.EAR_LOAD_FACTOR, sentence).with("product", product).with("rho", value);
  }

  private static String bound(double product) {
    return product > LoadFactor.MOST ? "the most there is" : "the least there is";
  }

  private static Reason carriage(EarTraits ears) {
    if (ears.cropped()) {
      return times(
          Rule.EAR_CARRIAGE, "The flap is cropped: aired like an erect one", ears.airedLike());
    }
    return times(Rule.EAR_CARRIAGE, "The flap " + ears.carriage().words(), ears.carriage());
  }

  private static Reason trait(Rule rule, LoadTrait trait, String subject) {
    return times(rule, subject + ": " + trait.words(), trait);
  }

  private static Reason times(Rule rule, String words, LoadTrait trait) {
    return times(rule, words, trait.factor());
  }

  private static Reason times(Rule rule, String words, double times) {
    return Reason.of(rule, words + ", × " + Figures.plain(times) + ".").with("times", times);
  }

  private static Reason breed(Optional<Breed> breed) {
    if (breed.isEmpty()) {
      return times(Rule.EAR_BREED, "Breed: not known", 1);
    }
    String name = breed.get().name();
    if (breed.get().oddsRatio().isEmpty()) {
      return times(Rule.EAR_BREED, name + ": no published odds ratio on record", 1);
    }
    OddsRatio odds = breed.get().oddsRatio().get();
    double times =
        Figures.hold(
            Math.pow(odds.breed() / odds.carriage(), BREED_EXPONENT), BREED_LEAST, BREED_MOST);
    String words =
        String.format(
            "%s: odds ratio %s against %s for its ear shape",
            name, Figures.plain(odds.breed()), Figures.plain(odds.carriage()));
    return times(Rule.EAR_BREED, words, times)
        .with("oddsRatioOfBreed", odds.breed())
        .with("oddsRatioOfCarriage", odds.carriage());
  }
}
