package org.evenlobe.server.solution;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Measure;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.Phase;
import org.evenlobe.core.solution.PouredLine;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * What is poured together.
 *
 * @param parts what, and how much of it; 20 at most
 * @param millilitres how much of it is wanted in all; needed where something is told in parts
 * @param againstYeast whether it is meant against yeast; not where left out
 */
public record MixRequest(
    @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid PartRequest> parts,
    @Nullable @DecimalMin("1") @DecimalMax("5000") Double millilitres,
    @Nullable Boolean againstYeast) {
  private static final double MOST = 5000;

  /**
   * So much of an ingredient.
   *
   * @param ingredient its id
   * @param amount how much of it
   * @param measure in what; mL of a liquid and g of a powder where left out
   * @param each what one of it holds, mL or g: of a capsule; of a drop where they were counted
   * @param strengths how strong what is in it is as it was sold, where that differs
   */
  public record PartRequest(
      @NotBlank @Size(max = 40) String ingredient,
      @NotNull @DecimalMin("0") @DecimalMax("5000") Double amount,
      @Nullable Measure measure,
      @Nullable @DecimalMin("0.001") @DecimalMax("50") Double each,
      @Nullable @Size(max = 20)
          Map<Active, @NotNull @DecimalMin("0") @DecimalMax("100") Double> strengths) {}

  /**
   * The mix, as the core knows it.
   *
   * @throws InvalidFields if something is not on the shelf, is not in an ingredient, or there is
   *     nothing in it
   */
  public Mix toCore(Ingredients shelf) {
    InvalidFields.Collector errors = new InvalidFields.Collector();
    List<PouredLine> lines = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      PartRequest part = parts.get(i);
      String at = "parts[" + i + "]";
      Optional<Ingredient> found = shelf.find(part.ingredient());
      boolean holds = part.measure() != Measure.CAPSULE || part.each() != null;
      errors
          .require(found.isPresent(), at + ".ingredient", "is not on the shelf")
          .require(holds, at + ".each", "must say what a capsule holds")
          .require(
              part.measure() != Measure.PART || millilitres != null,
              "millilitres",
              "must say how much is wanted in all, where something is told in parts");
      if (found.isPresent() && holds) {
        Ingredient sold = asSold(found.get(), part.strengths(), errors, at);
        lines.add(line(sold, part));
      }
    }
    errors.require(
        parts.stream().anyMatch(part -> part.amount() > 0), "parts", "there is nothing in it");
    Mix mix = PouredLine.mix(lines, millilitres == null ? 0 : millilitres);
    for (int i = 0; i < mix.parts().size(); i++) {
      errors.require(
          mix.parts().get(i).amount() <= MOST,
          "parts[" + i + "].amount",
          "must be 5 L or 5 kg at most");
    }
    errors.throwIfAny();
    return mix;
  }

  private static PouredLine line(Ingredient ingredient, PartRequest part) {
    Measure plain = ingredient.phase() == Phase.SOLID ? Measure.GRAM : Measure.MILLILITRE;
    return new PouredLine(
        ingredient,
        part.amount(),
        Optional.ofNullable(part.measure()).orElse(plain),
        Optional.ofNullable(part.each()));
  }

  static Ingredient asSold(
      Ingredient shelf,
      @Nullable Map<Active, Double> said,
      InvalidFields.Collector errors,
      String at) {
    Ingredient sold = shelf;
    double alcohol = 0;
    Map<Active, Double> strengths = said == null ? Map.of() : said;
    for (Map.Entry<Active, Double> one : strengths.entrySet()) {
      boolean isIn = shelf.strengths().containsKey(one.getKey());
      errors.require(
          isIn, at + ".strengths", "there is no %s in it".formatted(one.getKey().words()));
      sold = sold.with(one.getKey(), Strength.percent(one.getValue()));
    }
    for (Active active : List.of(Active.ETHANOL, Active.ISOPROPYL)) {
      alcohol += sold.strength(active).percent();
    }
    errors.require(alcohol <= 100, at + ".strengths", "must not add up to more than 100 %");
    return sold;
  }
}
