package org.evenlobe.core.ear;

import java.util.ArrayList;
import java.util.List;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How much one ear's canal holds, estimated from weight and learned from recorded fills (rule
 * EAR_CANAL).
 *
 * <p>The prior for ln V is Normal(ln V₀, 0.35²), V₀ that of the weight; each fill to the fluid line
 * is an observation of ln V with standard deviation 0.20. For example four fills of 9 mL on a prior
 * of 6.7 mL give 8.8 mL.
 *
 * @param volume the best estimate
 * @param low the lower end of the 80 % interval
 * @param high its upper end
 * @param fills how many fills taught it
 * @param canal the canal's shape at that volume
 * @param beyondPublished whether the weight lies outside what published canal lengths bracket
 * @param reasons the arithmetic
 */
public record CanalEstimate(
    Volume volume,
    Volume low,
    Volume high,
    int fills,
    Canal canal,
    boolean beyondPublished,
    List<Reason> reasons) {
  private static final double PRIOR_SD = 0.35;
  private static final double FILL_SD = 0.20;

  /** The standard normal's 90 % quantile: the ends of the middle 80 %. */
  private static final double EIGHTY_PERCENT = 1.2816;

  private static final double PUBLISHED_FROM = 5;
  private static final double PUBLISHED_TO = 55;

  public CanalEstimate {
    reasons = List.copyOf(reasons);
  }

  /** What goes into a syringe: the low end, until a fill to the line has shown what it holds. */
  public Volume forSyringe() {
    return fills == 0 ? low : volume;
  }

  /** The estimate from the weight of the day and the ear's recorded fills to the line. */
  public static CanalEstimate of(Weight weight, List<Volume> fills) {
    Volume expected = Canal.ofWeight(weight).volume();
    double precision = 1 / (PRIOR_SD * PRIOR_SD);
    double sum = precision * Math.log(expected.millilitres());
    for (Volume fill : fills) {
      precision += 1 / (FILL_SD * FILL_SD);
      sum += Math.log(fill.millilitres()) / (FILL_SD * FILL_SD);
    }
    double mean = sum / precision;
    double spread = EIGHTY_PERCENT / Math.sqrt(precision);
    Volume volume = new Volume(Math.exp(mean));
    Volume low = new Volume(Math.exp(mean - spread));
    Volume high = new Volume(Math.exp(mean + spread));
    boolean beyond = weight.kilograms() < PUBLISHED_FROM || weight.kilograms() > PUBLISHED_TO;
    return new CanalEstimate(
        volume,
        low,
        high,
        fills.size(),
        Canal.ofVolume(volume),
        beyond,
        reasons(weight, expected, fills, volume, beyond));
  }

  private static List<Reason> reasons(
      Weight weight, Volume expected, List<Volume> fills, Volume volume, boolean beyond) {
    List<Reason> reasons = new ArrayList<>();
    String start =
        "A dog of %s: about %s".formatted(Quantities.weight(weight), Quantities.tenths(expected));
    reasons.add(
        Reason.of(
                Rule.EAR_CANAL,
                fills.isEmpty()
                    ? start + ", until a fill is recorded."
                    : "%s; with %s to the line, %s."
                        .formatted(
                            start, Figures.count(fills.size(), "fill"), Quantities.tenths(volume)))
            .with("kilograms", weight.kilograms())
            .with("expected", expected.millilitres())
            .with("fills", fills.size())
            .with("volume", volume.millilitres()));
    if (beyond) {
      reasons.add(
          Reason.of(
              Rule.EAR_CANAL,
              "Published canal lengths go from about %s: outside that, take it as ±."
                  .formatted(Quantities.weights(PUBLISHED_FROM, PUBLISHED_TO))));
    }
    return reasons;
  }
}
