package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;

/**
 * That a bottle was mixed at home.
 *
 * @param mix what was poured together
 * @param madeOn the day on which it was
 * @param recipe the version of the household's own recipe that it was made from, where it was
 */
public record Batch(Mix mix, LocalDate madeOn, Optional<RecipeVersion> recipe) {

  /**
   * A version of a recipe.
   *
   * @param recipe its id
   * @param version which
   */
  public record RecipeVersion(UUID recipe, int version) {}

  public Batch {
    Objects.requireNonNull(mix, "mix");
    Objects.requireNonNull(madeOn, "madeOn");
    Objects.requireNonNull(recipe, "recipe");
  }

  /** The last day on which it may be used. */
  public LocalDate useBy() {
    return madeOn.plusDays(MixAnalysis.of(mix).keepsDays());
  }
}
