package org.evenlobe.core.ear;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.EarTraits;

/**
 * An entry of the breed catalogue, or a cross of two. It only pre-fills: the person corrects it for
 * their own dog.
 *
 * @param id stable, made of the name
 * @param name the usual name
 * @param otherNames what else it is called
 * @param lightest adult weight, kg, the lower end
 * @param heaviest adult weight, kg, the upper end
 * @param ears what its ears are like
 * @param likesWater 0 no · 1 some do · 2 made for it
 * @param oddsRatio published, where there is one
 * @param note what is special in its ears
 */
public record Breed(
    String id,
    String name,
    List<String> otherNames,
    double lightest,
    double heaviest,
    EarTraits ears,
    int likesWater,
    Optional<OddsRatio> oddsRatio,
    String note) {

  public Breed {
    otherNames = List.copyOf(otherNames);
    if (!(lightest > 0 && lightest <= heaviest)) {
      throw new IllegalArgumentException(name + ": weights " + lightest + " to " + heaviest);
    }
    if (likesWater < 0 || likesWater > 2) {
      throw new IllegalArgumentException(name + ": likes water 0 to 2, not " + likesWater);
    }
  }

  /**
   * The cross of this breed with another: weights average; the more closed carriage, the hairier
   * canal and the heavier feathering win.
   */
  public Breed crossedWith(Breed other) {
    return new Breed(
        id + "+" + other.id,
        name + " × " + other.name,
        List.of(),
        (lightest + other.lightest) / 2,
        (heaviest + other.heaviest) / 2,
        new EarTraits(
            greater(ears.carriage(), other.ears.carriage()),
            false,
            greater(ears.canalHair(), other.ears.canalHair()),
            greater(ears.feathering(), other.ears.feathering())),
        Math.max(likesWater, other.likesWater),
        greaterOdds(oddsRatio, other.oddsRatio),
        "A cross: each ear trait is the one of the two breeds that closes the ear more.");
  }

  private static <E extends Enum<E>> E greater(E one, E two) {
    return one.compareTo(two) >= 0 ? one : two;
  }

  /** The larger ratio wins; one below 1 counts only if both breeds have one on record. */
  private static Optional<OddsRatio> greaterOdds(Optional<OddsRatio> one, Optional<OddsRatio> two) {
    if (one.isPresent() && two.isPresent()) {
      return one.get().breed() >= two.get().breed() ? one : two;
    }
    return one.or(() -> two).filter(only -> only.breed() >= 1);
  }

  /** The published odds ratio of an ear shape, against erect ears; between the published, 1.3. */
  static double oddsRatioOf(Carriage carriage) {
    return switch (carriage) {
      case ERECT -> 1;
      case BUTTON -> 1.84;
      case DROP, PENDULOUS -> 1.76;
      case SEMI_ERECT, ROSE -> 1.3;
    };
  }
}
