package org.evenlobe.core.record;

import java.util.Objects;

/**
 * What a dog's ears are like.
 *
 * @param carriage how the flap is carried, or was before it was cropped
 * @param cropped a cropped ear is aired like an erect one
 * @param canalHair hair in the canal
 * @param feathering long hair on the flap
 */
public record EarTraits(
    Carriage carriage, boolean cropped, CanalHair canalHair, Feathering feathering) {

  public EarTraits {
    Objects.requireNonNull(carriage, "carriage");
    Objects.requireNonNull(canalHair, "canalHair");
    Objects.requireNonNull(feathering, "feathering");
  }

  /** How the ear is aired: a cropped one like an erect one. */
  public Carriage airedLike() {
    return cropped ? Carriage.ERECT : carriage;
  }
}
