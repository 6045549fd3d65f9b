package org.evenlobe.core.solution;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.rule.Figures;

/**
 * Something that is poured or weighed into a mix, as it is sold.
 *
 * @param id its id
 * @param name what it is called
 * @param phase what it pours as
 * @param strengths how much of what acts is in it; of what is left out, none
 * @param density g per mL of a liquid; of a powder, of a level spoon
 * @param price what 100 mL or 100 g of it cost, about
 * @param caution what can harm
 * @param whyNot why it does not belong into an ear at all, where it does not
 */
public record Ingredient(
    String id,
    String name,
    Phase phase,
    Map<Active, Strength> strengths,
    double density,
    double price,
    Optional<String> caution,
    Optional<String> whyNot) {

  public Ingredient {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(phase, "phase");
    strengths = Map.copyOf(strengths);
    if (!(density > 0)) {
      throw new IllegalArgumentException("a density is more than 0, not " + density);
    }
  }

  /** How much of an active is in it. */
  public Strength strength(Active active) {
    return strengths.getOrDefault(active, Strength.NONE);
  }

  /** The same as it is sold elsewhere, of another strength. */
  public Ingredient with(Active active, Strength strength) {
    Map<Active, Strength> others = new EnumMap<>(Active.class);
    others.putAll(strengths);
    others.put(active, strength);
    return new Ingredient(id, name, phase, others, density, price, caution, whyNot);
  }

  /** Which share of its volume is alcohol. */
  public double alcoholShare() {
    return (strength(Active.ETHANOL).percent() + strength(Active.ISOPROPYL).percent()) / 100;
  }

  /** So much of it as a sentence says it: a powder in grams, all else as a volume. */
  public String amount(double much) {
    return phase == Phase.SOLID ? Figures.plain(much) + " g" : Quantities.volume(much);
  }
}
