package org.evenlobe.server.stock;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a bottle or a pack in the house.
 *
 * @param kind what it is
 * @param name what the household calls it
 * @param cleaner what the cleaner does; needed for a cleaner, left out for wipes
 * @param size how much a full one holds: mL, or a number of wipes
 * @param left how much is left in it
 * @param countedAt when somebody looked
 * @param openedOn the day it was opened; left out while it is closed
 */
public record SupplyRequest(
    @NotNull Supply.Kind kind,
    @NotBlank @Size(max = 80) String name,
    @Nullable CleanerKind cleaner,
    @NotNull @DecimalMin("1") @DecimalMax("10000") Double size,
    @NotNull @DecimalMin("0") @DecimalMax("10000") Double left,
    @NotNull Instant countedAt,
    @Nullable LocalDate openedOn) {

  /** Says what is wrong with it. */
  InvalidFields.Collector errors(Instant now, LocalDate today) {
    return new InvalidFields.Collector()
        .require(left <= size, "left", "must not be more than a full one holds")
        .require(
            (cleaner != null) == (kind == Supply.Kind.CLEANER),
            "cleaner",
            "must say what a cleaner does, and be left out for wipes")
        .require(!countedAt.isAfter(now), "countedAt", "must not lie in the future")
        .require(
            openedOn == null || !openedOn.isAfter(today), "openedOn", "must not lie in the future");
  }
}
