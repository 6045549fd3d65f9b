package org.evenlobe.server.course;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.MedicineBottle;
import org.jspecify.annotations.Nullable;

/**
 * The bottle of a course.
 *
 * @param millilitres what was in it when the course began
 * @param dropsPerMillilitre how many of its drops are a mL; 20 where left out
 * @param strokeMillilitres what a stroke of its pump gives
 * @param openedOn the day it was opened
 * @param keepsDays for how many days it keeps once open
 */
public record MedicineBottleRequest(
    @NotNull @DecimalMin("0.1") @DecimalMax("1000") Double millilitres,
    @Nullable @DecimalMin("5") @DecimalMax("60") Double dropsPerMillilitre,
    @Nullable @DecimalMin("0.01") @DecimalMax("20") Double strokeMillilitres,
    @Nullable LocalDate openedOn,
    @Nullable @Min(1) @Max(3650) Integer keepsDays) {

  MedicineBottle toCore() {
    return new MedicineBottle(
        millilitres,
        dropsPerMillilitre == null ? MedicineBottle.DROPS : dropsPerMillilitre,
        Optional.ofNullable(strokeMillilitres),
        Optional.ofNullable(openedOn),
        Optional.ofNullable(keepsDays));
  }
}
