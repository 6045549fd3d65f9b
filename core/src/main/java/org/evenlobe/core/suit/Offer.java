package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.MixAnalysis;

/**
 * What somebody thinks of putting on or into an ear: a bottle or a pack of the household, or what
 * stands mixed on the bench.
 *
 * @param contents what is in it
 * @param supply the bottle or pack, where it is one
 * @param againstYeast whether it is meant against yeast
 * @param isPast whether its last day has gone by
 */
public record Offer(
    MixAnalysis contents, Optional<Supply> supply, boolean againstYeast, boolean isPast) {

  /** What was mixed just now. */
  public static Offer mixed(MixAnalysis contents, boolean againstYeast) {
    return new Offer(contents, Optional.empty(), againstYeast, false);
  }

  /** A bottle or a pack, as it is on a day. */
  public static Offer of(Supply supply, LocalDate today) {
    return new Offer(
        supply.contents(),
        Optional.of(supply),
        false,
        supply.useBy().filter(today::isAfter).isPresent());
  }

  /** Whether it was mixed at home. */
  boolean isHomeMixed() {
    return supply.map(one -> one.batch().isPresent()).orElse(true);
  }

  /** Whether its label says that it is not for dogs. */
  boolean isNotForDogs() {
    return supply.flatMap(one -> one.label().forDogs()).filter(forDogs -> !forDogs).isPresent();
  }

  /** Whether it is of a kind that only a vet gives out. */
  boolean isFromTheVet() {
    return supply.flatMap(Supply::cleaner).filter(CleanerKind.ANTISEPTIC::equals).isPresent();
  }
}
