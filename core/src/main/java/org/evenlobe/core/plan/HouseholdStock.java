package org.evenlobe.core.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.cleaning.Habit;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.turn.EarPlan;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.stock.PlannedUse;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.core.stock.StockOutlook.SupplyRest;
import org.evenlobe.core.stock.Stocktaking;
import org.evenlobe.core.stock.Use;

/**
 * What all dogs of a household have used and will use, against what is in the house.
 *
 * <p>Where a fill was not measured, it counts as what the canal is thought to hold; wipes that were
 * not counted do not count. An ear that is wiped takes as much a wipe as was learned from counts of
 * the bottle, 2 mL at first: five wipes are 10 mL.
 */
public final class HouseholdStock {
  private final List<DogRecord> dogs;
  private final Map<UUID, DogPlan> plans = new HashMap<>();
  private final CleaningWays ways;
  private final LocalDate today;
  private final Map<UUID, Optional<EarPair<CanalEstimate>>> canals = new HashMap<>();
  private final Map<UUID, EarPair<Habit>> habits = new HashMap<>();
  private final PadDraw pad;
  private final BottleForEar bottles;
  private final Map<UUID, Supply> byId = new HashMap<>();

  private HouseholdStock(
      List<DogRecord> dogs,
      List<DogPlan> plans,
      List<Supply> supplies,
      CleaningWays ways,
      LocalDate today,
      BottleForEar bottles) {
    this.dogs = dogs;
    this.ways = ways;
    this.today = today;
    plans.forEach(plan -> this.plans.put(plan.dogId(), plan));
    this.pad = pad(supplies);
    this.bottles = bottles;
    supplies.forEach(supply -> byId.put(supply.id(), supply));
  }

  /** Which bottle an ear of a dog is cleaned with next; empty where none suits it. */
  @FunctionalInterface
  public interface BottleForEar {
    /**
     * The bottle's id.
     *
     * @param afterWater whether it is cleaned because it was wet
     */
    Optional<UUID> of(UUID dog, Side side, boolean afterWater);
  }

  /**
   * The outlook of each product, cleaners first; one of each kind at least.
   *
   * @param dogs all whose cleanings took something, those that have left included
   * @param plans of those that are still there
   */
  public static List<StockOutlook> outlooks(
      List<DogRecord> dogs,
      List<DogPlan> plans,
      List<Supply> supplies,
      CleaningWays ways,
      LocalDate today,
      BottleForEar bottles) {
    HouseholdStock stock = new HouseholdStock(dogs, plans, supplies, ways, today, bottles);
    return Stream.of(Supply.Kind.values())
        .flatMap(kind -> stock.outlooks(kind, supplies).stream())
        .toList();
  }

  /** How much cleaner a wipe takes, by counts of those bottles, mL. */
  public static double perWipe(
      List<DogRecord> dogs, List<Supply> supplies, CleaningWays ways, LocalDate today) {
    return new HouseholdStock(
            dogs, List.of(), supplies, ways, today, (dog, side, afterWater) -> Optional.empty())
        .pad.millilitres();
  }

  private List<StockOutlook> outlooks(Supply.Kind kind, List<Supply> supplies) {
    List<SupplyRest> rests =
        Stocktaking.rests(
            supplies.stream().filter(supply -> supply.kind() == kind).toList(),
            used(kind, supplies));
    Map<Optional<Supply>, List<SupplyRest>> products = products(rests);
    Map<Optional<Supply>, List<PlannedUse>> planned = planned(kind, List.copyOf(products.keySet()));
    return products.entrySet().stream()
        .map(
            one ->
                because(
                    kind,
                    Stocktaking.outlook(
                        kind,
                        one.getKey().map(Supply::name),
                        one.getValue(),
                        planned.getOrDefault(one.getKey(), List.of()),
                        today,
                        PlanItem.HORIZON_DAYS)))
        .toList();
  }

  private StockOutlook because(Supply.Kind kind, StockOutlook outlook) {
    return kind == Supply.Kind.CLEANER
        ? pad.reason().map(outlook::because).orElse(outlook)
        : outlook;
  }

  /** Bottles or packs of one name, by the first of them; nothing where there are none. */
  private static Map<Optional<Supply>, List<SupplyRest>> products(List<SupplyRest> rests) {
    Map<Optional<Supply>, List<SupplyRest>> products = new LinkedHashMap<>();
    for (SupplyRest rest : rests) {
      Optional<Supply> first =
          products.keySet().stream()
              .flatMap(Optional::stream)
              .filter(rest.supply()::isAnother)
              .findFirst()
              .or(() -> Optional.of(rest.supply()));
      products.computeIfAbsent(first, name -> new ArrayList<>()).add(rest);
    }
    if (products.isEmpty()) {
      products.put(Optional.empty(), List.of());
    }
    return products;
  }

  /** What a wipe takes of a bottle, mL, as counts of the bottles have taught. */
  public static double wipeTakes(
      List<DogRecord> dogs, List<Supply> supplies, CleaningWays ways, LocalDate today) {
    return new HouseholdStock(
            dogs, List.of(), supplies, ways, today, (dog, side, afterWater) -> Optional.empty())
        .pad.millilitres();
  }

  private PadDraw pad(List<Supply> supplies) {
    List<Supply> bottles =
        supplies.stream().filter(supply -> supply.kind() == Supply.Kind.CLEANER).toList();
    List<PadDraw.Draw> draws = new ArrayList<>();
    if (bottles.stream().anyMatch(bottle -> !bottle.earlier().isEmpty())) {
      dogs.forEach(dog -> dog.cleanings().forEach(cleaning -> draws.add(draw(dog, cleaning))));
    }
    return PadDraw.learned(bottles, draws);
  }

  private PadDraw.Draw draw(DogRecord dog, CleaningRecord cleaning) {
    double poured = 0;
    double wetted = 0;
    for (Side side : Side.values()) {
      Optional<EarCleaning> ear = cleaning.ears().get(side);
      if (ear.isPresent() && ear.get().method().inCanal()) {
        poured += poured(dog, side, ear.get());
      } else if (ear.isPresent() && wets(dog)) {
        wetted += ear.get().seen().wipes().orElse(0);
      }
    }
    return new PadDraw.Draw(cleaning.at(), poured, wetted, cleaning.manner().cleaner());
  }

  private double poured(DogRecord dog, Side side, EarCleaning done) {
    return done.poured().map(Volume::millilitres).orElseGet(() -> canal(dog, side) * done.fills());
  }

  /** What was used since the oldest count: what was used before is in the counts already. */
  private List<Use> used(Supply.Kind kind, List<Supply> supplies) {
    List<Use> uses = new ArrayList<>();
    Instant counted =
        supplies.stream().map(Supply::countedAt).min(Comparator.naturalOrder()).orElse(Instant.MAX);
    for (DogRecord dog : dogs) {
      List<CleaningRecord> cleanings = dog.cleanings();
      for (int i = cleanings.size() - 1; i >= 0 && cleanings.get(i).at().isAfter(counted); i--) {
        CleaningRecord cleaning = cleanings.get(i);
        double amount = 0;
        for (Side side : Side.values()) {
          Optional<EarCleaning> ear = cleaning.ears().get(side);
          amount += ear.map(done -> took(kind, dog, side, done)).orElse(0.0);
        }
        Optional<UUID> from =
            cleaning
                .manner()
                .cleaner()
                .filter(id -> kind == Supply.Kind.CLEANER || isOfKind(id, kind));
        if (amount > 0 && !cleaning.day().isAfter(today)) {
          uses.add(new Use(cleaning.at(), amount, from));
        }
      }
    }
    return uses;
  }

  private boolean isOfKind(UUID supply, Supply.Kind kind) {
    Supply known = byId.get(supply);
    return known != null && known.kind() == kind;
  }

  private double took(Supply.Kind kind, DogRecord dog, Side side, EarCleaning done) {
    if (kind == Supply.Kind.WIPES) {
      return done.seen().wipes().orElse(0);
    }
    if (!done.method().inCanal()) {
      return wets(dog) ? done.seen().wipes().orElse(0) * pad.millilitres() : 0;
    }
    return poured(dog, side, done);
  }

  private double canal(DogRecord dog, Side side) {
    return canals
        .computeIfAbsent(dog.id(), id -> Canals.of(dog, today))
        .map(pair -> pair.get(side).volume().millilitres())
        .orElse(0.0);
  }

  /** What the plan takes of each product. */
  private Map<Optional<Supply>, List<PlannedUse>> planned(
      Supply.Kind kind, List<Optional<Supply>> products) {
    Map<Optional<Supply>, List<PlannedUse>> uses = new HashMap<>();
    for (DogRecord dog : dogs) {
      DogPlan plan = plans.get(dog.id());
      if (plan == null) {
        continue;
      }
      EarPair<Habit> habit =
          habits.computeIfAbsent(
              dog.id(), id -> EarPair.bySide(side -> Habit.of(dog, side, today)));
      Map<Boolean, EarPair<Optional<Supply>>> from =
          Stream.of(true, false)
              .collect(
                  Collectors.toMap(
                      Function.identity(),
                      wet -> EarPair.bySide(side -> from(kind, dog, side, wet, products))));
      for (PlanItem item : plan.cleanings()) {
        Map<Optional<Supply>, Double> amounts = new HashMap<>();
        boolean afterWater =
            item.reasons().stream().anyMatch(reason -> reason.rule() == Rule.PLAN_WATER);
        for (Side side : item.ears()) {
          double amount = willTake(kind, dog, side, plan.ears().get(side), habit.get(side));
          amounts.merge(from.get(afterWater).get(side), amount, Double::sum);
        }
        LocalDate best = item.window().best();
        LocalDate on = best.isBefore(today) ? today : best;
        amounts.forEach(
            (product, amount) -> {
              if (amount > 0) {
                uses.computeIfAbsent(product, name -> new ArrayList<>())
                    .add(new PlannedUse(on, amount));
              }
            });
      }
    }
    uses.values().forEach(of -> of.sort(Comparator.comparing(PlannedUse::on)));
    return uses;
  }

  /** The product that an ear takes: what suits it, else the first that is there. */
  private Optional<Supply> from(
      Supply.Kind kind,
      DogRecord dog,
      Side side,
      boolean afterWater,
      List<Optional<Supply>> products) {
    if (kind == Supply.Kind.WIPES) {
      boolean ready = !wets(dog);
      return products.stream()
          .min(Comparator.comparing(one -> one.filter(Supply::bringsItsOwn).isPresent() != ready))
          .orElseThrow();
    }
    Optional<UUID> chosen = bottles.of(dog.id(), side, afterWater);
    return products.stream()
        .filter(one -> chosen.filter(id -> isOf(one, id)).isPresent())
        .findFirst()
        .orElse(products.get(0));
  }

  private boolean isOf(Optional<Supply> product, UUID chosen) {
    Supply other = byId.get(chosen);
    return other != null && product.filter(other::isAnother).isPresent();
  }

  private double willTake(Supply.Kind kind, DogRecord dog, Side side, EarPlan ear, Habit habit) {
    if (kind == Supply.Kind.WIPES) {
      return habit.expectedWipes();
    }
    boolean pours =
        ways.with(dog.profile().ways()).method().inCanal() && ear.mayGoIn() == MayGoIn.IN_EAR;
    if (pours) {
      return habit.poured().map(Volume::millilitres).orElseGet(() -> canal(dog, side));
    }
    return wets(dog) ? habit.expectedWipes() * pad.millilitres() : 0;
  }

  /** Whether what is wiped with takes cleaner from a bottle: a ready wipe brings its own. */
  private boolean wets(DogRecord dog) {
    return ways.with(dog.profile().ways()).wipes() != WipeMaterial.READY_WIPES;
  }
}
