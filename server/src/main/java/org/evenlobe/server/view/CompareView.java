package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.record.FoldedDogs;
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
  private final FoldedDogs dogs;
  private final Plans plans;
  private final Ingredients shelf;

  CompareView(SupplyAnswers supplies, FoldedDogs dogs, Plans plans, Ingredients shelf) {
    this.supplies = supplies;
    this.dogs = dogs;
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
   * @param pricePerUnit what a mL or a wipe costs, in the household's own money
   * @param dogs which ears it suits
   */
  record ComparedBottle(
      Supply supply,
      Optional<LocalDate> useBy,
      List<InIt> strengths,
      Strength alcohol,
      Optional<Double> ph,
      Optional<Double> pricePerUnit,
      List<SuitsDog> dogs) {}

  /** Those of them that are in the house, by name. */
  @Transactional(readOnly = true)
  public List<ComparedBottle> compared(Set<UUID> asked) {
    LocalDate today = plans.standing().today();
    List<Kept> ever = supplies.ever();
    EarsNow ears = new EarsNow(ever, shelf);
    List<Folded> here = dogs.here(today);
    return ever.stream()
        .filter(kept -> kept.isThere() && asked.contains(kept.supply().id()))
        .map(kept -> compared(kept.supply(), today, here, ears))
        .toList();
  }

  private static ComparedBottle compared(
      Supply supply, LocalDate today, List<Folded> here, EarsNow ears) {
    Offer offer = Offer.of(supply, today);
    MixAnalysis contents = offer.contents();
    return new ComparedBottle(
        supply,
        supply.useBy(),
        InIt.of(contents),
        contents.alcohol(),
        contents.ph(),
        supply.price().map(price -> price / supply.size()),
        here.stream().map(dog -> SuitsDog.of(offer, dog.history(), ears)).toList());
  }
}
