package org.evenlobe.core.suit;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.history.Named;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Which bottle, or pack of ready wipes, of the house is taken for an ear (rule CLEAN_BOTTLE): what
 * a vet named first; else never one that does not suit it: after water one that dries, then what
 * suits without a care, then the one that has been open longest. For example after a swim the
 * drying one, though the gentle one suits better. Where what a vet named is not to be had, nothing
 * is laid out in its place: the vet is asked.
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
   * @param ear the ear
   * @param poured whether it is poured into it; else it is put on the wipe
   * @param afterWater whether it was wet lately
   * @param homeMixed whether the household mixes for itself
   */
  public record Wish(EarNow ear, boolean poured, boolean afterWater, boolean homeMixed) {}

  /**
   * A bottle that is taken.
   *
   * @param supply which
   * @param suits whether it suits the ear; never NO
   * @param shake whether it is shaken first: it parts, or holds powder or a dye
   * @param named whether a vet named it
   * @param reason why that one
   */
  public record Chosen(Supply supply, Suits suits, boolean shake, boolean named, Reason reason) {}

  /**
   * What is laid out for an ear.
   *
   * @param chosen the bottle; empty where none suits, or what a vet named is not to be had
   * @param missing what a vet named and is not to be had, where that is so
   */
  public record LaidOut(Optional<Chosen> chosen, Optional<Reason> missing) {
    /** Nothing. */
    public static final LaidOut NOTHING = new LaidOut(Optional.empty(), Optional.empty());
  }

  /** What is laid out for that. */
  public LaidOut layOut(Wish wish) {
    Optional<Offer> named =
        offers.stream().filter(offer -> Suitability.isNamed(offer, wish.ear())).min(order(wish));
    if (wish.ear().named().stream().anyMatch(Named::isBottle)) {
      return named
          .filter(offer -> answer(offer, wish) != Suits.NO)
          .map(offer -> new LaidOut(Optional.of(chosen(offer, wish)), Optional.empty()))
          .orElseGet(() -> new LaidOut(Optional.empty(), Optional.of(missing(named, wish))));
    }
    return new LaidOut(
        offers.stream()
            .filter(offer -> answer(offer, wish) != Suits.NO)
            .filter(
                offer ->
                    Suitability.isNamed(offer, wish.ear())
                        || (!offer.isNotForDogs() && isWanted(offer, wish)))
            .min(order(wish))
            .map(offer -> chosen(offer, wish)),
        Optional.empty());
  }

  private static Reason missing(Optional<Offer> named, Wish wish) {
    String product =
        wish.ear().named().stream()
            .filter(Named::isBottle)
            .findFirst()
            .map(Named::product)
            .orElseThrow();
    return Reason.of(
        Rule.CLEAN_BOTTLE,
        named
                .map(
                    offer ->
                        "%s, which your vet named, may not be used: %s"
                            .formatted(product, why(offer, wish)))
                .orElse("%s, which your vet named, is not at hand.".formatted(product))
            + " Ask your vet what to take instead.");
  }

  /** Why what a vet named may not be used. */
  private static String why(Offer offer, Wish wish) {
    return Suitability.of(offer, wish.ear()).answer(wish.poured()).reasons().stream()
        .findFirst()
        .map(because -> because.reason().sentence())
        .orElse("");
  }

  private static Chosen chosen(Offer offer, Wish wish) {
    Supply supply = offer.supply().orElseThrow();
    return new Chosen(
        supply,
        answer(offer, wish),
        offer.isShaken(),
        Suitability.isNamed(offer, wish.ear()),
        Reason.of(Rule.CLEAN_BOTTLE, "%s: %s.".formatted(supply.name(), because(offer, wish))));
  }

  private static String because(Offer offer, Wish wish) {
    return Suitability.isNamed(offer, wish.ear())
        ? "your vet named it"
        : wish.afterWater() && dries(offer)
            ? "it dries, and the ear was wet"
            : "it suits, and has been open longest";
  }

  /** Home mixes are for those who mix. */
  private static boolean isWanted(Offer offer, Wish wish) {
    return wish.homeMixed() || !offer.isHomeMixed();
  }

  private static Suits answer(Offer offer, Wish wish) {
    return Suitability.of(offer, wish.ear()).answer(wish.poured()).suits();
  }

  private static boolean dries(Offer offer) {
    return offer.supply().flatMap(Supply::cleaner).filter(CleanerKind.DRYING::equals).isPresent();
  }

  private static Comparator<Offer> order(Wish wish) {
    return Comparator.comparing((Offer offer) -> !Suitability.isNamed(offer, wish.ear()))
        .thenComparing(offer -> answer(offer, wish) == Suits.NO)
        .thenComparing(offer -> !(wish.afterWater() && dries(offer)))
        .thenComparing(offer -> answer(offer, wish))
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
