package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiPredicate;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.cleaning.Habit;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How much of a mix or a product is used up in some days (rule BATCH_NEED): for each planned
 * cleaning of an ear that it suits, what the ear's method takes. Filling takes what the last fills
 * took, else what the canal holds, and 1.3 times that for what is spilt; a soaked pad 6 mL; wiping
 * its pads. For example two ears of 6 mL, cleaned twice in 30 days: 4 · 6 · 1.3 = 31.2 mL. Ready
 * wipes are counted.
 *
 * @param millilitres for all of them; of ready wipes, how many
 * @param cleanings how many cleanings that is
 * @param each what one of them takes as they come, but for what is spilt; empty where none is
 *     planned
 * @param dogs for each dog that takes any
 * @param reasons the arithmetic
 */
public record BatchNeed(
    double millilitres,
    int cleanings,
    Optional<Double> each,
    List<OfDog> dogs,
    List<Reason> reasons) {
  private static final double SPILT = 0.3;
  private static final double SOAKED_PAD = 6;

  /**
   * What one dog takes.
   *
   * @param dog its id
   * @param millilitres for all its cleanings
   * @param cleanings how many
   */
  public record OfDog(UUID dog, double millilitres, int cleanings) {}

  /** The same, with what of it is spilt. */
  private record Taken(OfDog of, double spilt) {}

  /**
   * Who takes of it, and how.
   *
   * @param plans of those dogs
   * @param ways how the household cleans
   * @param wipe what a wipe takes, mL
   */
  public record House(
      List<DogRecord> dogs, List<DogPlan> plans, CleaningWays ways, double wipe, LocalDate today) {

    public House {
      dogs = List.copyOf(dogs);
      plans = List.copyOf(plans);
    }
  }

  public BatchNeed {
    dogs = List.copyOf(dogs);
    reasons = List.copyOf(reasons);
  }

  /**
   * What the household takes.
   *
   * @param kind wipes are counted, all else is mL
   * @param keepsDays for how many days it keeps
   * @param suits whether it suits an ear
   */
  public static BatchNeed of(
      House house, Supply.Kind kind, int keepsDays, BiPredicate<UUID, Side> suits) {
    Map<UUID, DogPlan> byDog = new HashMap<>();
    house.plans().forEach(plan -> byDog.put(plan.dogId(), plan));
    List<Taken> taken = new ArrayList<>();
    for (DogRecord dog : house.dogs()) {
      DogPlan plan = byDog.get(dog.id());
      if (plan != null) {
        Taken one = of(dog, plan, house, kind, keepsDays, suits);
        if (one.of().cleanings() > 0) {
          taken.add(one);
        }
      }
    }
    List<OfDog> dogs = taken.stream().map(Taken::of).toList();
    double all = dogs.stream().mapToDouble(OfDog::millilitres).sum();
    double spilt = taken.stream().mapToDouble(Taken::spilt).sum();
    int cleanings = dogs.stream().mapToInt(OfDog::cleanings).sum();
    return new BatchNeed(
        all,
        cleanings,
        cleanings == 0 ? Optional.empty() : Optional.of((all - spilt) / cleanings),
        dogs,
        List.of(reason(kind, all, cleanings, keepsDays)));
  }

  private static Reason reason(Supply.Kind kind, double all, int cleanings, int keepsDays) {
    String sentence =
        cleanings == 0
            ? "No cleaning is planned in the %s it keeps that takes any."
                .formatted(Figures.count(keepsDays, "day"))
            : "In the %s it keeps, %s take %s; more would be thrown away."
                .formatted(
                    Figures.count(keepsDays, "day"),
                    Figures.count(cleanings, "planned cleaning"),
                    kind.amount(all));
    return Reason.of(Rule.BATCH_NEED, sentence).with("millilitres", all);
  }

  private static Taken of(
      DogRecord dog,
      DogPlan plan,
      House house,
      Supply.Kind kind,
      int keepsDays,
      BiPredicate<UUID, Side> suits) {
    LocalDate today = house.today();
    CleaningMethod method = house.ways().with(dog.profile().ways()).method();
    Optional<EarPair<CanalEstimate>> canals = Canals.of(dog, today);
    double sum = 0;
    double spilt = 0;
    int cleanings = 0;
    for (PlanItem item : plan.cleanings()) {
      if (item.window().best().isAfter(today.plusDays(keepsDays))) {
        continue;
      }
      double takes = 0;
      for (Side side : item.ears()) {
        if (suits.test(dog.id(), side)) {
          Habit habit = Habit.of(dog, side, today);
          CleaningMethod way =
              plan.ears().get(side).mayGoIn() == MayGoIn.IN_EAR ? method : CleaningMethod.WIPE;
          Optional<Volume> canal = canals.map(pair -> pair.get(side).volume());
          double ear =
              kind == Supply.Kind.WIPES
                  ? habit.expectedWipes()
                  : takes(way, habit, canal, house.wipe());
          double lost = kind == Supply.Kind.WIPES ? 0 : ear * spilt(way);
          takes += ear + lost;
          spilt += lost;
        }
      }
      if (takes > 0) {
        sum += takes;
        cleanings++;
      }
    }
    return new Taken(new OfDog(dog.id(), sum, cleanings), spilt);
  }

  private static double takes(
      CleaningMethod method, Habit habit, Optional<Volume> canal, double wipe) {
    return switch (method) {
      case FILL, SYRINGE -> habit.poured().or(() -> canal).map(Volume::millilitres).orElse(0.0);
      case SOAKED_PAD -> SOAKED_PAD;
      case WIPE -> habit.expectedWipes() * wipe;
    };
  }

  /** What is spilt of it, as a part of what is taken. */
  private static double spilt(CleaningMethod method) {
    return switch (method) {
      case FILL, SYRINGE -> SPILT;
      case SOAKED_PAD, WIPE -> 0;
    };
  }
}
