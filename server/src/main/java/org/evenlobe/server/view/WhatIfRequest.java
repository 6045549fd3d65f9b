package org.evenlobe.server.view;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.Optional;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.WaterHabit;
import org.jspecify.annotations.Nullable;

/**
 * What might be different about a dog and its plan; what is left out stays as it is.
 *
 * @param scheduling the school of when to clean
 * @param fixedDays the interval of fixed days
 * @param carriage how the flap is carried
 * @param canalHair hair in the canal
 * @param feathering feathering of the flap
 * @param water how often its ears get wet
 * @param climate how humid the air is
 * @param load what would come out of both ears if they were cleaned today
 */
record WhatIfRequest(
    @Nullable SchedulingMode scheduling,
    @Nullable @Min(Preferences.FEWEST_DAYS) @Max(Preferences.MOST_DAYS) Integer fixedDays,
    @Nullable Carriage carriage,
    @Nullable CanalHair canalHair,
    @Nullable Feathering feathering,
    @Nullable WaterHabit water,
    @Nullable Climate climate,
    @Nullable Load load) {

  private static <V> V or(@Nullable V other, V present) {
    return other == null ? present : other;
  }

  EarTraits ears(EarTraits present) {
    return new EarTraits(
        or(carriage, present.carriage()),
        carriage == null && present.cropped(),
        or(canalHair, present.canalHair()),
        or(feathering, present.feathering()));
  }

  Life life(Life present) {
    return new Life(
        or(water, present.water()),
        present.ground(),
        or(climate, present.climate()),
        present.allergy(),
        present.infections(),
        present.lastInfection());
  }

  /** The household's preferences if they were those, whatever differs with the dog. */
  Preferences preferences(Preferences present) {
    Preferences other =
        new Preferences(
            or(scheduling, present.scheduling()),
            or(fixedDays, present.fixedDays()),
            fixedDays == null ? present.named() : Optional.empty(),
            present.alwaysAfterWater(),
            present.grooming(),
            present.hair(),
            present.climate());
    return climate == null ? other : other.with(Optional.empty());
  }
}
