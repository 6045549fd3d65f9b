package org.evenlobe.server.view;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.HouseholdStock;
import org.evenlobe.core.plan.HouseholdStock.BottleForEar;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.core.suit.Bottles;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in the house, and how long it lasts. */
@Service
class StockView {
  private final SupplyAnswers supplies;
  private final FoldedDogs dogs;
  private final Plans plans;
  private final Ingredients shelf;

  StockView(SupplyAnswers supplies, FoldedDogs dogs, Plans plans, Ingredients shelf) {
    this.supplies = supplies;
    this.dogs = dogs;
    this.plans = plans;
    this.shelf = shelf;
  }

  /**
   * What is in the house.
   *
   * @param today the day in the household's zone
   * @param kinds how long each product lasts
   * @param versions the version of each bottle or pack, for counting it anew
   */
  record Stock(LocalDate today, List<StockOutlook> kinds, Map<UUID, Integer> versions) {}

  /** The current household's stock. */
  @Transactional(readOnly = true)
  public Stock stock() {
    Standing standing = plans.standing();
    List<Kept> kept = supplies.ever();
    return new Stock(
        standing.today(),
        outlooks(kept, plans.planned(standing), standing),
        kept.stream()
            .filter(Kept::isThere)
            .collect(Collectors.toMap(one -> one.supply().id(), Kept::version)));
  }

  /** How long each product lasts, where the plans are at hand. */
  List<StockOutlook> outlooks(Planned planned, Standing standing) {
    return outlooks(supplies.ever(), planned, standing);
  }

  private static Instant firstCounted(Supply supply) {
    return supply.earlier().stream().map(Supply.Count::at).findFirst().orElse(supply.countedAt());
  }

  /**
   * What was used before all that is there was counted is in the counts already: of dogs that have
   * left, only those tell anything that were still there then.
   */
  List<StockOutlook> outlooks(List<Kept> ever, Planned planned, Standing standing) {
    List<Supply> there = ever.stream().filter(Kept::isThere).map(Kept::supply).toList();
    Optional<Instant> counted =
        there.stream().map(StockView::firstCounted).min(Comparator.naturalOrder());
    LocalDate since =
        counted.map(at -> at.atZone(standing.zone()).toLocalDate()).orElse(standing.today());
    List<DogRecord> all =
        Stream.concat(
                planned.dogs().stream(),
                dogs.leftSince(since.minusDays(1), standing.today()).stream())
            .map(Folded::record)
            .toList();
    return HouseholdStock.outlooks(
        all,
        planned.evened().plans(),
        there,
        standing.how().ways(),
        standing.today(),
        bottles(ever, there, planned, standing));
  }

  /** Which bottle an ear takes next, once it is quiet. */
  private BottleForEar bottles(
      List<Kept> ever, List<Supply> there, Planned planned, Standing standing) {
    EarsNow ears = new EarsNow(ever, shelf);
    Bottles bottles = Bottles.of(there, standing.today());
    Map<UUID, Function<Boolean, EarPair<Optional<UUID>>>> chosen = new HashMap<>();
    for (Folded dog : planned.dogs()) {
      EarPair<EarNow> quiet = ears.of(dog.history()).map(EarNow::quiet);
      boolean mixes = standing.how().ways().mixing() == MixSchool.HOME_MIXED;
      chosen.put(
          dog.record().id(),
          afterWater ->
              quiet.map(
                  ear ->
                      bottles
                          .layOut(
                              new Bottles.Wish(
                                  ear, ear.atBest() == MayGoIn.IN_EAR, afterWater, mixes))
                          .chosen()
                          .map(one -> one.supply().id())));
    }
    return (dog, side, afterWater) ->
        Optional.ofNullable(chosen.get(dog)).flatMap(of -> of.apply(afterWater).get(side));
  }
}
