package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What is really in a bottle.
 *
 * @param mix what was poured together
 * @param millilitres its volume
 * @param oil mL of it that are oil
 * @param strengths how strong each active is in it: beside oil, in the layer of water
 * @param alcohol ethanol and isopropyl together, % v/v
 * @param ph its pH, where that can be given
 * @param boric its boric acid
 * @param salicylic its salicylic acid
 * @param clashes what in it does not go together
 * @param keepsDays for how many days it keeps; 0 is the same day only
 * @param reasons how all of that came about
 */
public record MixAnalysis(
    Mix mix,
    double millilitres,
    double oil,
    Map<Active, Strength> strengths,
    Strength alcohol,
    Optional<Double> ph,
    Grit boric,
    Grit salicylic,
    List<Clash> clashes,
    int keepsDays,
    List<Reason> reasons) {
  /** Room temperature, °C. */
  public static final int ROOM = 20;

  static final int WARM = 40;
  static final int COLD = 5;

  private static final double HALF = 0.5;
  private static final double BORIC_PULLS_LOWER = 0.6;
  private static final double PRESERVES_ACETIC = 2;
  private static final double PRESERVES_ALCOHOL = 20;
  private static final double PRESERVES_BORIC = 2;
  private static final int KEEPS_PRESERVED = 30;
  private static final int KEEPS_PLAIN = 7;
  private static final double HUNDRED = 100;
  private static final double CRUMB = 1e-9;

  public MixAnalysis {
    Map<Active, Strength> inOrder = new EnumMap<>(Active.class);
    inOrder.putAll(strengths);
    strengths = Collections.unmodifiableMap(inOrder);
    clashes = List.copyOf(clashes);
    reasons = List.copyOf(reasons);
  }

  /**
   * Analyses a mix.
   *
   * @throws IllegalArgumentException if nothing is in it
   */
  public static MixAnalysis of(Mix mix) {
    Layer layer = Layer.of(mix);
    double whole = mix.millilitres();
    if (mix.parts().stream().allMatch(part -> part.amount() == 0)) {
      throw new IllegalArgumentException("there is nothing in it");
    }
    double room = layer.millilitres();
    Grit boric =
        grit(
            mix.of(Active.BORIC_ACID),
            Solubility.boric(layer, ROOM),
            Solubility.boric(layer, WARM),
            Solubility.boric(layer, COLD));
    double holds = Solubility.salicylic(layer);
    Grit salicylic = grit(mix.of(Active.SALICYLIC_ACID), holds, holds, holds);
    Map<Active, Strength> strengths = new EnumMap<>(Active.class);
    for (Active active : Active.values()) {
      double amount = mix.of(active);
      double in = active == Active.ESSENTIAL_OIL || room == 0 ? whole : room;
      if (amount > 0) {
        strengths.put(
            active, Strength.percent(in == 0 ? HUNDRED : Math.min(HUNDRED, amount / in * HUNDRED)));
      }
    }
    Strength alcohol =
        Strength.percent(room == 0 ? 0 : Math.min(HUNDRED, layer.alcohol() / room * HUNDRED));
    Optional<Reason> without = noPh(mix, layer);
    Optional<Double> ph =
        without.isPresent()
            ? Optional.empty()
            : Optional.of(Acidity.ph(mix, room, boric.dissolved(), salicylic.dissolved()));
    List<Clash> clashes = Clash.in(mix, ph);
    double oil =
        mix.parts().stream()
            .filter(part -> part.ingredient().phase() == Phase.OIL)
            .mapToDouble(Part::amount)
            .sum();
    int keeps = keeps(strengths, alcohol, boric, layer);
    MixAnalysis bare =
        new MixAnalysis(
            mix, whole, oil, strengths, alcohol, ph, boric, salicylic, clashes, keeps, List.of());
    return new MixAnalysis(
        mix,
        whole,
        oil,
        strengths,
        alcohol,
        ph,
        boric,
        salicylic,
        clashes,
        keeps,
        bare.reasons(without, layer));
  }

  /**
   * A ready liquid, as its label says; its powders were dissolved where it was made.
   *
   * @param name what it is called
   * @param strengths what acts in it, and how strong
   * @param ph its pH, where the label says so
   */
  public static MixAnalysis labelled(
      String name, Map<Active, Strength> strengths, Optional<Double> ph) {
    Ingredient bottle =
        new Ingredient(
            name, name, Phase.WATER, strengths, 1, 0, Optional.empty(), Optional.empty());
    Mix mix = Mix.of(new Part(bottle, HUNDRED));
    return new MixAnalysis(
        mix,
        HUNDRED,
        0,
        strengths,
        Strength.percent(Math.min(HUNDRED, bottle.alcoholShare() * HUNDRED)),
        ph,
        dissolved(mix.of(Active.BORIC_ACID)),
        dissolved(mix.of(Active.SALICYLIC_ACID)),
        Clash.in(mix, ph),
        0,
        List.of());
  }

  private static Grit dissolved(double grams) {
    return new Grit(grams, grams, 0, 0, 0);
  }

  private static Grit grit(double grams, double most, double warm, double cold) {
    double dissolved = Math.min(grams, most);
    return new Grit(
        grams,
        most,
        grams - dissolved,
        grams - Math.min(grams, Math.max(warm, most)),
        Math.max(0, dissolved - cold));
  }

  /** Where the formula does not hold. */
  private static Optional<Reason> noPh(Mix mix, Layer layer) {
    boolean boric = mix.has(Active.BORIC_ACID);
    if (layer.waterShare() < HALF) {
      return Optional.of(
          Reason.of(Rule.SOLUTION_PH, "No pH can be given: less than half of it is water."));
    }
    if (boric && (layer.glycerine() > 0 || layer.glycol() > 0)) {
      return Optional.of(
          Reason.of(
              Rule.SOLUTION_PH,
              "No pH can be given: boric acid grows stronger beside glycerine or glycol."));
    }
    return Optional.empty();
  }

  private static int keeps(
      Map<Active, Strength> strengths, Strength alcohol, Grit boric, Layer layer) {
    if (strengths.containsKey(Active.PEROXIDE)) {
      return 0;
    }
    double dissolved = layer.isThere() ? boric.dissolved() / layer.millilitres() * HUNDRED : 0;
    boolean preserved =
        strengths.getOrDefault(Active.ACETIC_ACID, Strength.NONE).reaches(PRESERVES_ACETIC)
            || alcohol.reaches(PRESERVES_ALCOHOL)
            || Strength.percent(Math.min(HUNDRED, dissolved)).reaches(PRESERVES_BORIC);
    return layer.water() == 0 || preserved ? KEEPS_PRESERVED : KEEPS_PLAIN;
  }

  /** How strong an active is in it. */
  public Strength strength(Active active) {
    return strengths.getOrDefault(active, Strength.NONE);
  }

  /** Whether there is any of an active in it. */
  public boolean has(Active active) {
    return strengths.containsKey(active);
  }

  /** Whether there is acid in it. */
  public boolean hasAcid() {
    return acids().findAny().isPresent();
  }

  /** Whether an acid is the only one in it. */
  public boolean hasOnly(Active acid) {
    return acids().toList().equals(List.of(acid));
  }

  private Stream<Active> acids() {
    return strengths.keySet().stream().filter(Active::isAcid);
  }

  /** Whether it parts into oil and the rest. */
  public boolean hasLayers() {
    return oil > 0 && millilitres - oil > CRUMB;
  }

  private List<Reason> reasons(Optional<Reason> withoutPh, Layer layer) {
    List<Reason> reasons = new ArrayList<>();
    ph.ifPresent(
        value ->
            reasons.add(
                Reason.of(
                        Rule.SOLUTION_PH,
                        "By the charges of what is dissolved its pH is %s.%s"
                            .formatted(Figures.plain(value), besidesPh()))
                    .with("ph", value)));
    withoutPh.ifPresent(reasons::add);
    if (boric.isThere()) {
      reasons.add(
          Reason.of(
                  Rule.SOLUTION_BORIC,
                  "Of %s g boric acid %s g dissolve at %s; %s g stay as grit, and grit scratches. At %s %s g would."
                      .formatted(
                          Figures.plain(boric.grams()),
                          Figures.plain(boric.mostGrams()),
                          Quantities.celsius(ROOM),
                          Figures.plain(boric.grit()),
                          Quantities.celsius(WARM),
                          Figures.plain(boric.gritWarm())))
              .with("grit", boric.grit()));
    }
    if (boric.fallsInTheCold()) {
      reasons.add(
          Reason.of(
                  Rule.SOLUTION_BORIC,
                  "Do not keep it cold: at %s %s g of the boric acid drop out."
                      .formatted(Quantities.celsius(COLD), Figures.plain(boric.dropsOut())))
              .with("dropsOut", boric.dropsOut()));
    }
    if (salicylic.isThere()) {
      reasons.add(
          Reason.of(
                  Rule.SOLUTION_SALICYLIC,
                  "Of %s g salicylic acid %s g stay as grit: so much water hardly dissolves it."
                      .formatted(Figures.plain(salicylic.grams()), Figures.plain(salicylic.grit())))
              .with("grit", salicylic.grit()));
    }
    if (hasLayers()) {
      reasons.add(
          Reason.of(
              Rule.SOLUTION_LAYERS,
              "Oil and water part: the drawn dose may be all one or all the other. Strengths and pH are the water's."));
    }
    clashes.forEach(clash -> reasons.add(Reason.of(Rule.SOLUTION_CLASH, clash.words())));
    reasons.add(keepsWhy(layer));
    return reasons;
  }

  private String besidesPh() {
    if (hasOnly(Active.BORIC_ACID) && strength(Active.BORIC_ACID).exceeds(BORIC_PULLS_LOWER)) {
      return " In truth it is up to 1 lower: boric acid grows stronger as it grows dense.";
    }
    return has(Active.ACETIC_ACID)
        ? " As much water again would halve the acid and hardly move it."
        : "";
  }

  private Reason keepsWhy(Layer layer) {
    String why =
        keepsDays == 0
            ? "Peroxide falls apart: use it the same day."
            : keepsDays == KEEPS_PLAIN
                ? "Water without anything that preserves it keeps %d days, cold."
                    .formatted(keepsDays)
                : layer.water() == 0
                    ? "Without water it keeps %d days.".formatted(keepsDays)
                    : "It preserves itself: it keeps %d days.".formatted(keepsDays);
    return Reason.of(Rule.SOLUTION_KEEPS, why).with("days", keepsDays);
  }
}
