package org.evenlobe.server.solution;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Aim;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Measure;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * What a mix is to be.
 *
 * @param millilitres how much of it
 * @param targets what is to act in it, and how strong
 * @param from what may be taken
 */
public record AimRequest(
    @NotNull @DecimalMin("1") @DecimalMax("5000") Double millilitres,
    @NotNull @Size(min = 1, max = 6) List<@NotNull @Valid TargetRequest> targets,
    @NotNull @Size(min = 1, max = 12) List<@NotNull @Valid TakenRequest> from) {

  /**
   * How strong something is to be.
   *
   * @param active which; ethanol stands for all alcohol together
   * @param least the least, percent
   * @param most the most, percent
   */
  public record TargetRequest(
      @NotNull Active active,
      @NotNull @DecimalMin("0") @DecimalMax("100") Double least,
      @NotNull @DecimalMin("0") @DecimalMax("100") Double most) {}

  /**
   * What may be taken.
   *
   * @param ingredient its id
   * @param strengths how strong it is as it was sold, where that differs
   * @param exactly how much of it is taken whatever comes
   * @param measure in what that is told; mL of a liquid and g of a powder where left out
   */
  public record TakenRequest(
      @NotBlank @Size(max = 40) String ingredient,
      @Nullable @Size(max = 20)
          Map<Active, @NotNull @DecimalMin("0") @DecimalMax("100") Double> strengths,
      @Nullable @DecimalMin("0") @DecimalMax("5000") Double exactly,
      @Nullable Measure measure) {}

  /**
   * The aim, as the core knows it.
   *
   * @throws InvalidFields if something is not on the shelf, or stands twice
   */
  public Aim toCore(Ingredients shelf) {
    InvalidFields.Collector errors = new InvalidFields.Collector();
    List<Aim.Target> aimed = new ArrayList<>();
    Set<Active> actives = new HashSet<>();
    for (int i = 0; i < targets.size(); i++) {
      TargetRequest one = targets.get(i);
      boolean isOrdered = one.least() <= one.most();
      errors
          .require(isOrdered, "targets[" + i + "].most", "must not be less than the least")
          .require(actives.add(one.active()), "targets[" + i + "].active", "stands twice");
      if (isOrdered) {
        aimed.add(new Aim.Target(one.active(), one.least(), one.most()));
      }
    }
    List<Ingredient> taken = new ArrayList<>();
    Map<String, Double> locked = new HashMap<>();
    Set<String> ids = new HashSet<>();
    for (int i = 0; i < from.size(); i++) {
      TakenRequest one = from.get(i);
      String at = "from[" + i + "]";
      Optional<Ingredient> found = shelf.find(one.ingredient());
      errors
          .require(found.isPresent(), at + ".ingredient", "is not on the shelf")
          .require(ids.add(one.ingredient()), at + ".ingredient", "stands twice");
      found.ifPresent(it -> taken.add(MixRequest.asSold(it, one.strengths(), errors, at)));
      if (one.exactly() != null && found.isPresent()) {
        locked.put(
            one.ingredient(),
            one.measure() == null
                ? one.exactly()
                : one.measure().of(found.get(), one.exactly()).amount());
      }
    }
    errors.throwIfAny();
    return new Aim(millilitres, aimed, taken, locked);
  }
}
