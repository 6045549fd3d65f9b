package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;

/**
 * What a dog's life does to its ears.
 *
 * @param water how often its ears get wet
 * @param ground what it runs through
 * @param climate how humid the air is
 * @param allergy what the vet said about allergy
 * @param infections stated ear infections of the last 12 months
 * @param lastInfection the last of them, where more is known of it
 */
public record Life(
    WaterHabit water,
    Ground ground,
    Climate climate,
    Allergy allergy,
    InfectionHistory infections,
    Optional<StatedInfection> lastInfection) {

  /** Of whose infections no more is known than how many there were. */
  public Life(
      WaterHabit water,
      Ground ground,
      Climate climate,
      Allergy allergy,
      InfectionHistory infections) {
    this(water, ground, climate, allergy, infections, Optional.empty());
  }

  public Life {
    Objects.requireNonNull(water, "water");
    Objects.requireNonNull(ground, "ground");
    Objects.requireNonNull(climate, "climate");
    Objects.requireNonNull(allergy, "allergy");
    Objects.requireNonNull(infections, "infections");
    Objects.requireNonNull(lastInfection, "lastInfection");
  }
}
