package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.suit.Suitability.SuitsAnswer;

/**
 * Which bottle, or pack of ready wipes, of the house is taken (rule CLEAN_BOTTLE): never one that
 * does not suit an ear that it is for; what a vet named first, then what suits without a care,
 * after water one that dries, then the one that was taken last time, then the one that has been
 * open longest. For example after a swim the drying one, though the gentle one was taken last time.
 */
public final class Bottles {
  private final List<Offer> offers;

  private Bottles(List<Offer> offers) {
    this.offers = offers;
  }

  /** The bottles of cleaner among what is in the house on a day. */
  public static Bottles of(List<Supply> there, LocalDate today) {
    return of(Supply.Kind.CLEANER, there, today);
  }

  /** The bottles, or the packs of ready wipes, among what is in the house on a day. */
  public static Bottles of(Supply.Kind kind, List<Supply> there, LocalDate today) {
    return new Bottles(
        there.stream()
            .filter(
                supply ->
                    supply.kind() == kind && (kind == Supply.Kind.CLEANER || supply.bringsItsOwn()))
            .map(supply -> Offer.of(supply, today))
            .toList());
  }

  /**
   * What a bottle is wanted for.
   *
   * @param ears the ears
   * @param poured which of those that are cleaned it is poured into; false for those that are wiped
   * @param afterWater whether they were wet lately
   * @param last the bottle that was taken last time, where it was named
   * @param homeMixed whether the household mixes for itself
   */
  public record Wish(
      EarPair<EarNow> ears,
      Map<Side, Boolean> poured,
      boolean afterWater,
      Optional<UUID> last,
      boolean homeMixed) {

    public Wish {
      poured = Map.copyOf(poured);
    }
  }

  /**
   * A bottle that is taken.
   *
   * @param supply which
   * @param suits whether it suits the ears that it is for; never NO
   * @param shake whether it parts into layers
   * @param reason why that one
   */
  public record Chosen(Supply supply, Suits suits, boolean shake, Reason reason) {}

  /** The bottle for that; empty where none suits. */
  public Optional<Chosen> choose(Wish wish) {
    return offers.stream()
        .filter(offer -> answer(offer, wish) != Suits.NO)
        .filter(offer -> isNamed(offer, wish) || (!offer.isNotForDogs() && isWanted(offer, wish)))
        .min(order(wish))
        .map(offer -> chosen(offer, wish));
  }

  private static Chosen chosen(Offer offer, Wish wish) {
    Supply supply = offer.supply().orElseThrow();
    return new Chosen(
        supply,
        answer(offer, wish),
        offer.contents().hasLayers(),
        Reason.of(Rule.CLEAN_BOTTLE, "%s: %s.".formatted(supply.name(), why(offer, wish))));
  }

  private static String why(Offer offer, Wish wish) {
    return isNamed(offer, wish)
        ? "your vet named it"
        : wish.afterWater() && dries(offer)
            ? "it dries, and the ear was wet"
            : isLast(offer, wish) ? "as last time" : "it suits, and has been open longest";
  }

  /** Home mixes are for those who mix. */
  private static boolean isWanted(Offer offer, Wish wish) {
    return wish.homeMixed() || !offer.isHomeMixed();
  }

  private static Suits answer(Offer offer, Wish wish) {
    Suits worst = Suits.OK;
    for (Map.Entry<Side, Boolean> one : wish.poured().entrySet()) {
      Suitability said = Suitability.of(offer, wish.ears().get(one.getKey()));
      SuitsAnswer answer = one.getValue() ? said.inEar() : said.onPad();
      worst = worst.or(answer.suits());
    }
    return worst;
  }

  private static boolean isNamed(Offer offer, Wish wish) {
    return wish.poured().keySet().stream()
        .anyMatch(side -> Suitability.isNamed(offer, wish.ears().get(side)));
  }

  private static boolean dries(Offer offer) {
    return offer.supply().flatMap(Supply::cleaner).filter(CleanerKind.DRYING::equals).isPresent();
  }

  private static boolean isLast(Offer offer, Wish wish) {
    return offer.supply().map(Supply::id).equals(wish.last());
  }

  private static Comparator<Offer> order(Wish wish) {
    return Comparator.comparing((Offer offer) -> !isNamed(offer, wish))
        .thenComparing(offer -> answer(offer, wish))
        .thenComparing(offer -> !(wish.afterWater() && dries(offer)))
        .thenComparing(offer -> !isLast(offer, wish))
        .thenComparing(offer -> offer.supply().flatMap(Supply::openedOn).orElse(LocalDate.MAX))
        .thenComparing(offer -> offer.supply().map(Supply::id).orElseThrow());
  }

  /**
   * Whether a bottle suits an ear, and what a check may change about it.
   *
   * @param now as the ear stands
   * @param found as it would be were only that found of a quiet ear; what is found together is told
   *     together
   */
  public record Judged(Suitability now, Map<Found, Suitability> found) {

    public Judged {
      found = Map.copyOf(found);
    }
  }

  /** Each bottle with whether it suits each ear. */
  public Stream<Map.Entry<Supply, EarPair<Judged>>> judged(EarPair<EarNow> ears) {
    return offers.stream()
        .map(offer -> Map.entry(offer.supply().orElseThrow(), ears.map(ear -> judged(offer, ear))));
  }

  private static Judged judged(Offer offer, EarNow ear) {
    Map<Found, Suitability> found = new EnumMap<>(Found.class);
    for (Found one : Found.values()) {
      found.put(one, Suitability.of(offer, one.in(ear)));
    }
    return new Judged(Suitability.of(offer, ear), found);
  }
}
