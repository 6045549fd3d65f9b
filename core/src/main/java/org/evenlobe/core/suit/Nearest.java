package org.evenlobe.core.suit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.solution.Phase;

/**
 * The nearest recipe of the same ingredients, and water, that suits an ear (rule SOLUTION_NEAREST):
 * the volume is kept, every bound of the table is a constraint, and the sum of the changes in mL
 * and g is the least. Where only leaving something out helps, it is left out. For example 120 mL of
 * vinegar for a quiet ear: half of it is poured back and water in its place, which leaves 2.5 %.
 *
 * @param mix the recipe
 * @param changed how far it is from the first one, mL and g
 * @param reasons what was changed
 */
public record Nearest(Mix mix, double changed, List<Reason> reasons) {
  /** A recipe of so many things that may have to be left out is not gone through. */
  private static final int MOST_LEFT_OUT = 6;

  private static final double CRUMB = 1e-6;

  /** A hundredth of a mL or g; a thousandth below one. */
  private static final double STEPS = 100;

  private static final double FINE_STEPS = 1000;

  public Nearest {
    reasons = List.copyOf(reasons);
  }

  /**
   * The nearest that suits; empty where none does.
   *
   * @param againstYeast whether it is meant against yeast
   * @param water what may be poured besides
   */
  public static Optional<Nearest> of(Mix mix, EarNow ear, boolean againstYeast, Ingredient water) {
    List<Part> parts = merged(mix);
    if (suits(mix, ear, againstYeast)) {
      return Optional.of(new Nearest(mix, 0, List.of()));
    }
    List<Integer> suspects =
        IntStream.range(0, parts.size())
            .boxed()
            .filter(at -> mayHaveToGo(parts.get(at).ingredient()))
            .limit(MOST_LEFT_OUT)
            .toList();
    Bounds bounds = Bounds.of(ear, againstYeast, mix);
    return IntStream.range(0, 1 << suspects.size())
        .boxed()
        .sorted(Comparator.comparing(Integer::bitCount))
        .map(set -> without(parts, suspects, set))
        .flatMap(
            kept -> NearestSolver.solve(parts, kept, mix.millilitres(), bounds, water).stream())
        .filter(found -> suits(found, ear, againstYeast))
        .map(
            found ->
                Optional.of(measurable(found, mix.millilitres(), water))
                    .filter(rounded -> suits(rounded, ear, againstYeast))
                    .orElse(found))
        .map(found -> new Nearest(found, change(parts, found), changes(parts, found)))
        .min(Comparator.comparing(Nearest::changed));
  }

  private static boolean suits(Mix found, EarNow ear, boolean againstYeast) {
    if (found.millilitres() <= 0) {
      return false;
    }
    Suitability said = Suitability.of(Offer.mixed(MixAnalysis.of(found), againstYeast), ear);
    boolean wiped = ear.mayGoIn() == MayGoIn.WIPE;
    return (wiped ? said.onPad() : said.inEar()).suits() == Suits.OK;
  }

  /** The same in amounts that can be measured, rounded down, and water for what is missing. */
  private static Mix measurable(Mix found, double volume, Ingredient water) {
    List<Part> parts = new ArrayList<>();
    double poured = 0;
    for (Part part : found.parts()) {
      if (!part.ingredient().equals(water)) {
        double steps = part.amount() < 1 ? FINE_STEPS : STEPS;
        Part rounded =
            new Part(part.ingredient(), Math.floor(part.amount() * steps + CRUMB) / steps);
        parts.add(rounded);
        poured += rounded.millilitres();
      }
    }
    if (volume - poured > CRUMB) {
      parts.add(new Part(water, volume - poured));
    }
    return new Mix(parts);
  }

  /** Each ingredient once. */
  private static List<Part> merged(Mix mix) {
    Map<Ingredient, Double> amounts = new LinkedHashMap<>();
    mix.parts().forEach(part -> amounts.merge(part.ingredient(), part.amount(), Double::sum));
    List<Part> parts = new ArrayList<>();
    amounts.forEach((ingredient, amount) -> parts.add(new Part(ingredient, amount)));
    return parts;
  }

  /** What no smaller amount mends, or what may clash with another. */
  private static boolean mayHaveToGo(Ingredient one) {
    return one.phase() == Phase.OIL
        || one.phase() == Phase.GLYCERINE
        || one.phase() == Phase.GLYCOL
        || one.whyNot().isPresent()
        || Stream.of(
                Active.PEROXIDE,
                Active.DYE,
                Active.BLEACH,
                Active.ESSENTIAL_OIL,
                Active.TRIS,
                Active.SOAP,
                Active.SALT,
                Active.IODINE,
                Active.CHLORHEXIDINE,
                Active.CITRIC_ACID,
                Active.SALICYLIC_ACID)
            .anyMatch(active -> one.strengths().containsKey(active));
  }

  private static List<Part> without(List<Part> parts, List<Integer> suspects, int set) {
    List<Part> kept = new ArrayList<>();
    for (int at = 0; at < parts.size(); at++) {
      int bit = suspects.indexOf(at);
      if (bit < 0 || (set & (1 << bit)) == 0) {
        kept.add(parts.get(at));
      }
    }
    return kept;
  }

  private static double amount(List<Part> parts, Ingredient of) {
    return parts.stream()
        .filter(part -> part.ingredient().equals(of))
        .mapToDouble(Part::amount)
        .sum();
  }

  private static double change(List<Part> before, Mix after) {
    return ingredients(before, after)
        .mapToDouble(one -> Math.abs(amount(after.parts(), one) - amount(before, one)))
        .sum();
  }

  private static Stream<Ingredient> ingredients(List<Part> before, Mix after) {
    return Stream.concat(before.stream(), after.parts().stream()).map(Part::ingredient).distinct();
  }

  private static List<Reason> changes(List<Part> before, Mix after) {
    List<Reason> changes = new ArrayList<>();
    ingredients(before, after)
        .forEach(
            one -> {
              double was = amount(before, one);
              double is = amount(after.parts(), one);
              if (Math.abs(is - was) > CRUMB) {
                changes.add(Reason.of(Rule.SOLUTION_NEAREST, said(one, was, is)));
              }
            });
    return changes;
  }

  private static String said(Ingredient one, double was, double is) {
    if (is <= CRUMB) {
      return "Leave out the %s.".formatted(lower(one.name()));
    }
    return "%s %s of %s instead of %s."
        .formatted(is < was ? "Only" : "Now", one.amount(is), lower(one.name()), one.amount(was));
  }

  private static String lower(String name) {
    return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }
}
