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
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * What is poured together.
 *
 * @param parts what, and how much of it; 20 at most
 * @param againstYeast whether it is meant against yeast; not where left out
 */
public record MixRequest(
    @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid PartRequest> parts,
    @Nullable Boolean againstYeast) {
  private static final double MOST = 5000;

  /**
   * So much of an ingredient.
   *
   * @param ingredient its id
   * @param amount how much of it
   * @param measure in what; mL of a liquid and g of a powder where left out
   * @param strengths how strong what is in it is as it was sold, where that differs
   */
  public record PartRequest(
      @NotBlank @Size(max = 40) String ingredient,
      @NotNull @DecimalMin("0") @DecimalMax("5000") Double amount,
      @Nullable Measure measure,
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
    List<Part> mixed = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      PartRequest part = parts.get(i);
      String at = "parts[" + i + "]";
      Optional<Ingredient> found = shelf.find(part.ingredient());
      errors.require(found.isPresent(), at + ".ingredient", "is not on the shelf");
      if (found.isPresent()) {
        Part poured = poured(asSold(found.get(), part.strengths(), errors, at), part);
        errors.require(poured.amount() <= MOST, at + ".amount", "must be 5 L or 5 kg at most");
        mixed.add(poured);
      }
    }
    errors.require(
        parts.stream().anyMatch(part -> part.amount() > 0), "parts", "there is nothing in it");
    errors.throwIfAny();
    return new Mix(mixed);
  }

  private static Part poured(Ingredient ingredient, PartRequest part) {
    return part.measure() == null
        ? new Part(ingredient, part.amount())
        : part.measure().of(ingredient, part.amount());
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
