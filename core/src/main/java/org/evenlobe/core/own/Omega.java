package org.evenlobe.core.own;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.OilMeasure;
import org.evenlobe.core.record.OilSource;
import org.evenlobe.core.record.Supplement;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.suit.Suits;

/**
 * How much EPA and DHA a supplement brings a day, against two lines for the dog's weight (rule
 * OWN_OMEGA): 125 mg · kg^0.75, which is given for itchy skin, and 370 mg · kg^0.75, the safe upper
 * limit. For example for 20 kg these are 1,182 and 3,499 mg: two teaspoons of 800 mg each lie
 * between.
 *
 * @param milligrams EPA and DHA a day
 * @param vitaminE mg of vitamin E a day, where the label names it
 * @param forItch the line for itchy skin, mg a day; empty where the weight is not known
 * @param most the safe upper limit, mg a day; empty where the weight is not known
 * @param amounts the day's amount by each measure it can be told in
 * @param suits whether it may be given
 * @param reasons why
 */
public record Omega(
    double milligrams,
    Optional<Double> vitaminE,
    Optional<Double> forItch,
    Optional<Double> most,
    Map<OilMeasure, Double> amounts,
    Suits suits,
    List<Reason> reasons) {
  private static final double FOR_ITCH = 125;
  private static final double MOST = 370;
  private static final double POWER = 0.75;
  private static final double TEASPOON_GRAMS = 4.6;
  private static final double TEASPOON_MILLILITRES = 5;
  private static final String WITHOUT_THE_VET = " Not without your vet's word.";

  public Omega {
    amounts = Map.copyOf(amounts);
    reasons = List.copyOf(reasons);
  }

  /** What a supplement brings to a dog of that weight. */
  public static Omega of(Supplement said, Optional<Weight> weight, boolean vetAgreed) {
    Map<OilMeasure, Double> amounts = amounts(said);
    double measures = amounts.get(said.per());
    double milligrams = measures * (said.epa() + said.dha());
    Optional<Double> scaled = weight.map(one -> Math.pow(one.kilograms(), POWER));
    Optional<Double> forItch = scaled.map(one -> FOR_ITCH * one);
    Optional<Double> most = scaled.map(one -> MOST * one);
    List<Reason> reasons = new ArrayList<>();
    boolean tooMuch = most.filter(line -> milligrams > line).isPresent();
    boolean liver = said.source() == OilSource.LIVER;
    if (liver) {
      reasons.add(
          reason(
              "Oil of liver reaches the limit of vitamins A and D before it brings enough EPA and"
                  + " DHA."
                  + (vetAgreed ? "" : WITHOUT_THE_VET)));
    }
    if (tooMuch) {
      reasons.add(
          reason(
              "%s mg EPA and DHA a day are above the safe upper limit of %s mg for this weight.%s"
                  .formatted(
                      milligrams(milligrams),
                      milligrams(most.orElseThrow()),
                      vetAgreed ? "" : WITHOUT_THE_VET)));
    }
    reasons.add(lines(said, milligrams, forItch, most));
    boolean asks = (liver || tooMuch) && !vetAgreed;
    return new Omega(
        milligrams,
        said.vitaminE().map(one -> one * measures),
        forItch,
        most,
        amounts,
        asks ? Suits.NO : liver || tooMuch ? Suits.CARE : Suits.OK,
        reasons);
  }

  private static Reason lines(
      Supplement said, double milligrams, Optional<Double> forItch, Optional<Double> most) {
    if (said.source() == OilSource.PLANT) {
      return reason("Oil from plants has neither EPA nor DHA: it does not do what fish oil does.");
    }
    if (forItch.isEmpty()) {
      return reason(
          "%s mg EPA and DHA a day. Weigh the dog: how much is right goes by its weight."
              .formatted(milligrams(milligrams)));
    }
    String itch = milligrams(forItch.get());
    String limit = milligrams(most.orElseThrow());
    String where =
        milligrams < forItch.get()
            ? "less than the %s mg given for itchy skin at this weight; the safe upper limit is %s mg."
            : milligrams > most.get()
                ? "the line for itchy skin is %s mg at this weight, the safe upper limit %s mg."
                : "between the %s mg given for itchy skin at this weight and the safe upper limit of"
                    + " %s mg.";
    return reason(
            "%s mg EPA and DHA a day: %s"
                .formatted(milligrams(milligrams), where.formatted(itch, limit)))
        .with("milligrams", milligrams)
        .with("forItch", forItch.get())
        .with("most", most.orElseThrow());
  }

  private static Reason reason(String sentence) {
    return Reason.of(Rule.OWN_OMEGA, sentence);
  }

  private static String milligrams(double number) {
    return Integer.toString(Figures.halfUp(number));
  }

  /** The day's amount by each measure; by capsules where it is known what one holds. */
  private static Map<OilMeasure, Double> amounts(Supplement said) {
    Map<OilMeasure, Double> amounts = new EnumMap<>(OilMeasure.class);
    Optional<Double> grams = grams(said.by(), said).map(each -> each * said.amount());
    for (OilMeasure measure : OilMeasure.values()) {
      if (measure == said.by()) {
        amounts.put(measure, said.amount());
      } else if (grams.isPresent()) {
        grams(measure, said).ifPresent(each -> amounts.put(measure, grams.get() / each));
      }
    }
    return amounts;
  }

  private static Optional<Double> grams(OilMeasure measure, Supplement said) {
    return switch (measure) {
      case CAPSULE -> said.capsuleGrams();
      case MILLILITRE -> Optional.of(TEASPOON_GRAMS / TEASPOON_MILLILITRES);
      case TEASPOON -> Optional.of(TEASPOON_GRAMS);
    };
  }
}
