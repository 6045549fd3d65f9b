package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.BatchNeed;
import org.evenlobe.core.plan.HouseholdStock;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Making;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.suit.BatchLabel;
import org.evenlobe.core.suit.BatchLabel.ForDog;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.suit.Suitability;
import org.evenlobe.core.suit.Suits;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.problem.Refusal;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.solution.MixRequest;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How a mix is made, how much of it is needed, what it costs, and what its label says. */
@Service
class BatchView {
  private final Ingredients shelf;
  private final FoldedDogs dogs;
  private final Plans plans;
  private final SupplyAnswers supplies;

  BatchView(Ingredients shelf, FoldedDogs dogs, Plans plans, SupplyAnswers supplies) {
    this.shelf = shelf;
    this.dogs = dogs;
    this.plans = plans;
    this.supplies = supplies;
  }

  /**
   * How a mix is made, and how much of it is needed.
   *
   * @param steps the steps that make it
   * @param need what planned cleanings take of it while it keeps
   * @param useBy its last day, were it made today
   * @param costs what a cleaning with it costs about, by the shelf's prices
   * @param readyMade the same ready-made, where a price is known
   */
  record MakingPreview(
      List<Making.MakingStep> steps,
      BatchNeed need,
      LocalDate useBy,
      Optional<Double> costs,
      Optional<ReadyMade> readyMade) {}

  /**
   * A ready cleaner of the household.
   *
   * @param name what it is called
   * @param costs what a cleaning with it costs
   */
  record ReadyMade(String name, double costs) {}

  /** How such a mix would be made. */
  @Transactional(readOnly = true)
  public MakingPreview making(MixRequest said) {
    Standing standing = plans.standing();
    Planned planned = plans.planned(standing);
    MixAnalysis mix = MixAnalysis.of(said.toCore(shelf));
    List<Kept> ever = supplies.ever();
    List<Supply> there = ever.stream().filter(Kept::isThere).map(Kept::supply).toList();
    Map<UUID, EarPair<Suitability>> suits = suits(mix, planned.dogs(), ever);
    BatchNeed need =
        BatchNeed.of(
            house(standing, planned, there),
            Supply.Kind.CLEANER,
            mix.keepsDays(),
            (dog, side) -> suits.get(dog).get(side).inEar().suits() != Suits.NO);
    Optional<Double> each = need.each();
    return new MakingPreview(
        Making.steps(mix),
        need,
        standing.today().plusDays(mix.keepsDays()),
        each.filter(one -> mix.millilitres() > 0)
            .map(one -> one * mix.mix().price() / mix.millilitres()),
        each.flatMap(one -> readyMade(there, one)));
  }

  /** Who takes of what is in the house. */
  static BatchNeed.House house(Standing standing, Planned planned, List<Supply> there) {
    List<DogRecord> records = planned.dogs().stream().map(Folded::record).toList();
    return new BatchNeed.House(
        records,
        planned.evened().plans(),
        standing.how().ways(),
        HouseholdStock.wipeTakes(records, there, standing.how().ways(), standing.today()),
        standing.today());
  }

  private static Optional<ReadyMade> readyMade(List<Supply> there, double millilitres) {
    return there.stream()
        .filter(one -> one.kind() == Supply.Kind.CLEANER && one.batch().isEmpty())
        .flatMap(
            one ->
                one
                    .pricePerUnit()
                    .map(price -> new ReadyMade(one.name(), price * millilitres))
                    .stream())
        .min(Comparator.comparingDouble(ReadyMade::costs));
  }

  /** Whether it suits the ears of each dog once they are quiet. */
  private Map<UUID, EarPair<Suitability>> suits(
      MixAnalysis mix, List<Folded> here, List<Kept> ever) {
    EarsNow ears = new EarsNow(ever, shelf);
    Offer offer = Offer.mixed(mix, false);
    Map<UUID, EarPair<Suitability>> suits = new HashMap<>();
    for (Folded dog : here) {
      suits.put(
          dog.record().id(),
          ears.of(dog.history()).map(EarNow::quiet).map(ear -> Suitability.of(offer, ear)));
    }
    return suits;
  }

  /**
   * What stands on a batch.
   *
   * @throws Refusal 404 if it is not in the house, or was not mixed at home
   */
  @Transactional(readOnly = true)
  public BatchLabel label(UUID supply) {
    LocalDate today = plans.standing().today();
    List<Kept> ever = supplies.ever();
    Supply batch =
        ever.stream()
            .filter(Kept::isThere)
            .map(Kept::supply)
            .filter(one -> one.id().equals(supply) && one.batch().isPresent())
            .findFirst()
            .orElseThrow(Refusal::notFound);
    EarsNow ears = new EarsNow(ever, shelf);
    Offer offer = Offer.of(batch, today);
    return BatchLabel.of(
        batch,
        dogs.here(today).stream()
            .map(
                dog ->
                    new ForDog(
                        dog.record().profile().name(),
                        dog.record().profile().weightOn(today),
                        ears.of(dog.history()).map(ear -> Suitability.of(offer, ear))))
            .toList());
  }
}
