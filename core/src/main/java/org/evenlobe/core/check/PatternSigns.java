package org.evenlobe.core.check;

import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;

/**
 * All that patterns are matched against.
 *
 * @param signs the ear's signs
 * @param evenness how it compares with the other
 * @param story what came before
 */
record PatternSigns(EarSigns signs, Evenness evenness, EarStory story) {

  EarFinding finding() {
    return signs.ear();
  }

  /** Whether this is the worse ear, or the only one that is pawed. */
  boolean isOfThisEar() {
    Optional<Side> pawed = signs.dog().pawed();
    return isWorse() || pawed.equals(Optional.of(signs.side()));
  }

  /** Whether it is the only one that is pawed. */
  boolean isPawedAlone() {
    return signs.dog().pawed().equals(Optional.of(signs.side()));
  }

  /** Whether neither ear is pawed more than the other. */
  boolean isPawedNowhere() {
    return signs.dog().pawed().isEmpty();
  }

  boolean isWorseOrEven() {
    return isWorse() || evenness.lean() == Evenness.Lean.EVEN;
  }

  boolean isWorse() {
    return evenness.worse().equals(Optional.of(signs.side()));
  }
}
