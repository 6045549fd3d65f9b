package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.BatchNeed;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.suit.Suitability;
import org.evenlobe.core.suit.Suits;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.evenlobe.server.view.MixView.InIt;
import org.evenlobe.server.view.MixView.SuitsDog;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Bottles and packs side by side: what is in each, and whose ears it suits. */
@Service
class CompareView {
  private final SupplyAnswers supplies;
  private final Plans plans;
  private final Ingredients shelf;

  CompareView(SupplyAnswers supplies, Plans plans, Ingredients shelf) {
    this.supplies = supplies;
    this.plans = plans;
    this.shelf = shelf;
  }

  /**
   * A bottle or a pack.
   *
   * @param supply which
   * @param useBy its last day, where one is known
   * @param strengths what acts in it, and how strong
   * @param alcohol all its alcohol together, % v/v
   * @param ph its pH: of a mix as it is computed, else as its label says
   * @param costs what a cleaning of the ears that it suits costs, in the household's own money
   * @param dogs which ears it suits
   */
  record ComparedBottle(
      Supply supply,
      Optional<LocalDate> useBy,
      List<InIt> strengths,
      Strength alcohol,
      Optional<Double> ph,
      Optional<Double> costs,
      List<SuitsDog> dogs) {}

  /** Those of them that are in the house, by name. */
  @Transactional(readOnly = true)
  public List<ComparedBottle> compared(Set<UUID> asked) {
    Standing standing = plans.standing();
    Planned planned = plans.planned(standing);
    List<Kept> ever = supplies.ever();
    EarsNow ears = new EarsNow(ever, shelf);
    List<Supply> there = ever.stream().filter(Kept::isThere).map(Kept::supply).toList();
    BatchNeed.House house = BatchView.house(standing, planned, there);
    return there.stream()
        .filter(supply -> asked.contains(supply.id()))
        .map(supply -> compared(supply, planned.dogs(), ears, house))
        .toList();
  }

  private static ComparedBottle compared(
      Supply supply, List<Folded> here, EarsNow ears, BatchNeed.House house) {
    Offer offer = Offer.of(supply, house.today());
    MixAnalysis contents = offer.contents();
    List<SuitsDog> suits =
        here.stream().map(dog -> SuitsDog.of(offer, dog.history(), ears)).toList();
    return new ComparedBottle(
        supply,
        supply.useBy(),
        InIt.of(contents),
        contents.alcohol(),
        contents.ph(),
        supply.pricePerUnit().flatMap(price -> costs(supply.kind(), price, suits, house)),
        suits);
  }

  /** By what the plan of the next 60 days takes of it for the ears that it suits. */
  private static Optional<Double> costs(
      Supply.Kind kind, double price, List<SuitsDog> suits, BatchNeed.House house) {
    Map<UUID, EarPair<Suitability>> ears =
        suits.stream().collect(Collectors.toMap(SuitsDog::dog, SuitsDog::ears));
    return BatchNeed.of(
            house,
            kind,
            PlanItem.HORIZON_DAYS,
            (dog, side) -> ears.get(dog).get(side).onPad().suits() != Suits.NO)
        .each()
        .map(takes -> takes * price);
  }
}
