package org.evenlobe.core.record;

import java.util.Objects;

/**
 * What a dog's life does to its ears.
 *
 * @param water how often its ears get wet
 * @param ground what it runs through
 * @param climate how humid the air is
 * @param allergy what the vet said about allergy
 * @param infections stated ear infections of the last 12 months
 */
public record Life(
    WaterHabit water,
    Ground ground,
    Climate climate,
    Allergy allergy,
    InfectionHistory infections) {

  public Life {
    Objects.requireNonNull(water, "water");
    Objects.requireNonNull(ground, "ground");
    Objects.requireNonNull(climate, "climate");
    Objects.requireNonNull(allergy, "allergy");
    Objects.requireNonNull(infections, "infections");
  }
}
