package org.evenlobe.server.stock;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.Batch;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.solution.MixRequest;
import org.evenlobe.server.solution.MixRequest.PartRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a bottle or a pack in the house.
 *
 * @param kind what it is
 * @param name what the household calls it
 * @param cleaner what it does; left out for a mix, and where nobody knows
 * @param size how much a full one holds: mL, or a number of wipes
 * @param left how much is left in it
 * @param countedAt when somebody looked
 * @param openedOn the day it was opened; left out while it is closed
 * @param label what is printed on it, where it is a ready one
 * @param batch that it was mixed at home, where it was
 * @param price what a full one costs, in the household's own money
 * @param withdrawn that it is not used any more, and why
 */
public record SupplyRequest(
    @NotNull Supply.Kind kind,
    @NotBlank @Size(max = 80) String name,
    @Nullable CleanerKind cleaner,
    @NotNull @DecimalMin("1") @DecimalMax("10000") Double size,
    @NotNull @DecimalMin("0") @DecimalMax("10000") Double left,
    @NotNull Instant countedAt,
    @Nullable LocalDate openedOn,
    @Nullable @Valid LabelRequest label,
    @Nullable @Valid BatchRequest batch,
    @Nullable @DecimalMin("0") @DecimalMax("100000") Double price,
    @Nullable @Valid WithdrawnRequest withdrawn) {

  /** One that is used. */
  public SupplyRequest(
      Supply.Kind kind,
      String name,
      @Nullable CleanerKind cleaner,
      Double size,
      Double left,
      Instant countedAt,
      @Nullable LocalDate openedOn,
      @Nullable LabelRequest label,
      @Nullable BatchRequest batch,
      @Nullable Double price) {
    this(kind, name, cleaner, size, left, countedAt, openedOn, label, batch, price, null);
  }

  /**
   * That it is not used any more: it was recalled, has turned cloudy, or did harm.
   *
   * @param on since which day
   * @param why in their own words
   */
  public record WithdrawnRequest(@NotNull LocalDate on, @NotBlank @Size(max = 200) String why) {}

  /**
   * What is printed on a ready one.
   *
   * @param actives what acts in it, percent
   * @param ph its pH
   * @param keepsDays for how many days it keeps once open
   * @param forDogs whether it is labelled for dogs; what it is made for says it better
   * @param madeFor for whom and what it says that it is made
   */
  public record LabelRequest(
      @Nullable @Size(max = 20)
          Map<Active, @NotNull @DecimalMin("0") @DecimalMax("100") Double> actives,
      @Nullable @DecimalMin("0") @DecimalMax("14") Double ph,
      @Nullable @Min(1) @Max(3650) Integer keepsDays,
      @Nullable Boolean forDogs,
      @Nullable MadeFor madeFor) {

    /** For whom it is made: of what was said of dogs alone, dogs' ears or none of theirs. */
    @Nullable MadeFor saidFor() {
      return madeFor != null || forDogs == null
          ? madeFor
          : forDogs ? MadeFor.DOGS_EARS : MadeFor.OTHER_ANIMALS;
    }
  }

  /**
   * That it was mixed at home.
   *
   * @param parts what was poured together
   * @param madeOn the day on which it was
   * @param recipe the household's own recipe that it was made from, where it was
   * @param recipeVersion the version of that
   */
  public record BatchRequest(
      @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid PartRequest> parts,
      @NotNull LocalDate madeOn,
      @Nullable UUID recipe,
      @Nullable @Min(1) Integer recipeVersion) {

    Batch toCore(Ingredients shelf) {
      return new Batch(
          new MixRequest(parts, null, null).toCore(shelf),
          madeOn,
          recipe == null || recipeVersion == null
              ? Optional.empty()
              : Optional.of(new Batch.RecipeVersion(recipe, recipeVersion)));
    }
  }

  /** Says what is wrong with it. */
  InvalidFields.Collector errors(Instant now, LocalDate today) {
    return new InvalidFields.Collector()
        .require(left <= size, "left", "must not be more than a full one holds")
        .require(
            kind == Supply.Kind.WIPES || batch == null || cleaner == null,
            "cleaner",
            "must be left out for a mix")
        .require(
            withdrawn == null || !withdrawn.on().isAfter(today),
            "withdrawn.on",
            "must not lie in the future")
        .require(
            batch == null || kind == Supply.Kind.CLEANER, "batch", "must be a bottle, not wipes")
        .require(
            batch == null || label == null, "label", "must be left out for what was mixed at home")
        .require(
            batch == null || !batch.madeOn().isAfter(today),
            "batch.madeOn",
            "must not lie in the future")
        .require(
            batch == null || (batch.recipe() == null) == (batch.recipeVersion() == null),
            "batch.recipeVersion",
            "must name the version of the recipe, where there is one")
        .require(
            label == null || label.actives() == null || alcohol(label.actives()) <= 100,
            "label.actives",
            "must not add up to more than 100 %")
        .require(!countedAt.isAfter(now), "countedAt", "must not lie in the future")
        .require(
            openedOn == null || !openedOn.isAfter(today), "openedOn", "must not lie in the future");
  }

  private static double alcohol(Map<Active, Double> actives) {
    return actives.getOrDefault(Active.ETHANOL, 0.0) + actives.getOrDefault(Active.ISOPROPYL, 0.0);
  }
}
