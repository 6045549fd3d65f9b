package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Active;
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

  private static final double LEAST_SALT = 0.7;
  private static final double MOST_SALT = 1.1;

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
    return supply
        .flatMap(one -> one.label().madeFor())
        .filter(one -> one == MadeFor.OTHER_ANIMALS || one == MadeFor.PEOPLE)
        .isPresent();
  }

  /** Whether it is shaken first: it parts into layers, or holds powder or a dye. */
  boolean isShaken() {
    return contents.hasLayers()
        || contents.has(Active.DYE)
        || contents.boric().isThere()
        || contents.salicylic().isThere();
  }

  /** Whether it is known to be made for dogs' ears; a mix is the household's own. */
  boolean isForDogsEars() {
    return isHomeMixed() || supply.filter(one -> one.label().saysDogsEars()).isPresent();
  }

  /** What it says that it is made for, where that is not dogs' ears: in words. */
  String madeForWords() {
    return supply
        .flatMap(one -> one.label().madeFor())
        .filter(one -> one != MadeFor.NOT_SAID)
        .map(one -> "It is made for " + one.words() + ".")
        .orElse("Nobody knows what it is made for.");
  }

  /** Whether nobody has typed what is in it: its kind stands for that. */
  boolean isUnread() {
    return supply.filter(one -> !one.hasKnownContents()).isPresent();
  }

  /** Whether its kind is not known either. */
  boolean isOfNoKind() {
    return !isHomeMixed() && supply.flatMap(Supply::cleaner).isEmpty();
  }

  /** Whether it is salt water, by its kind or by what is in it and nothing else. */
  boolean isSaline() {
    boolean byKind = supply.flatMap(Supply::cleaner).filter(CleanerKind.SALINE::equals).isPresent();
    double salt = contents.strength(Active.SALT).percent();
    return byKind
        || (contents.oil() == 0
            && !isUnread()
            && Stream.of(Active.values()).filter(contents::has).allMatch(Active.SALT::equals)
            && salt >= LEAST_SALT
            && salt <= MOST_SALT);
  }

  /** Whether it is of a kind that only a vet gives out. */
  boolean isFromTheVet() {
    return supply.flatMap(Supply::cleaner).filter(CleanerKind.ANTISEPTIC::equals).isPresent();
  }
}
