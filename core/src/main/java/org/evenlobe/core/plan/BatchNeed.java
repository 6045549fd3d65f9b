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
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How much of a mix is used up while it keeps (rule BATCH_NEED): for each planned cleaning of an
 * ear that it suits, what the ear's method takes. Filling takes what the last fills took, else what
 * the canal holds, and 1.3 times that for what is spilt; a soaked pad 6 mL; wiping its pads. For
 * example two ears of 6 mL, cleaned twice in 30 days: 4 · 6 · 1.3 = 31.2 mL.
 *
 * @param millilitres for all of them
 * @param cleanings how many cleanings that is
 * @param dogs for each dog that takes any
 * @param reasons the arithmetic
 */
public record BatchNeed(double millilitres, int cleanings, List<OfDog> dogs, List<Reason> reasons) {
  private static final double SPILT = 1.3;
  private static final double SOAKED_PAD = 6;

  /**
   * What one dog takes.
   *
   * @param dog its id
   * @param millilitres for all its cleanings
   * @param cleanings how many
   */
  public record OfDog(UUID dog, double millilitres, int cleanings) {}

  public BatchNeed {
    dogs = List.copyOf(dogs);
    reasons = List.copyOf(reasons);
  }

  /**
   * What the household takes.
   *
   * @param plans of those dogs
   * @param ways how the household cleans
   * @param wipe what a wipe takes, mL
   * @param keepsDays for how many days it keeps
   * @param suits whether it suits an ear
   */
  public static BatchNeed of(
      List<DogRecord> dogs,
      List<DogPlan> plans,
      CleaningWays ways,
      double wipe,
      LocalDate today,
      int keepsDays,
      BiPredicate<UUID, Side> suits) {
    Map<UUID, DogPlan> byDog = new HashMap<>();
    plans.forEach(plan -> byDog.put(plan.dogId(), plan));
    List<OfDog> taken = new ArrayList<>();
    for (DogRecord dog : dogs) {
      DogPlan plan = byDog.get(dog.id());
      if (plan != null) {
        OfDog one = of(dog, plan, ways.with(dog.profile().ways()), wipe, today, keepsDays, suits);
        if (one.cleanings() > 0) {
          taken.add(one);
        }
      }
    }
    double all = taken.stream().mapToDouble(OfDog::millilitres).sum();
    int cleanings = taken.stream().mapToInt(OfDog::cleanings).sum();
    return new BatchNeed(all, cleanings, taken, List.of(reason(all, cleanings, keepsDays)));
  }

  private static Reason reason(double all, int cleanings, int keepsDays) {
    String sentence =
        cleanings == 0
            ? "No cleaning is planned in the %s it keeps that takes any."
                .formatted(Figures.count(keepsDays, "day"))
            : "In the %s it keeps, %s take %s mL; more would be thrown away."
                .formatted(
                    Figures.count(keepsDays, "day"),
                    Figures.count(cleanings, "planned cleaning"),
                    Figures.plain(all));
    return Reason.of(Rule.BATCH_NEED, sentence).with("millilitres", all);
  }

  private static OfDog of(
      DogRecord dog,
      DogPlan plan,
      CleaningWays ways,
      double wipe,
      LocalDate today,
      int keepsDays,
      BiPredicate<UUID, Side> suits) {
    Optional<EarPair<CanalEstimate>> canals = Canals.of(dog, today);
    double sum = 0;
    int cleanings = 0;
    for (PlanItem item : plan.cleanings()) {
      if (item.window().best().isAfter(today.plusDays(keepsDays))) {
        continue;
      }
      double takes = 0;
      for (Side side : item.ears()) {
        if (suits.test(dog.id(), side)) {
          boolean wiped = plan.ears().get(side).mayGoIn() != MayGoIn.IN_EAR;
          takes +=
              takes(
                  wiped ? CleaningMethod.WIPE : ways.method(),
                  Habit.of(dog, side, today),
                  canals.map(pair -> pair.get(side).volume()),
                  wipe);
        }
      }
      if (takes > 0) {
        sum += takes;
        cleanings++;
      }
    }
    return new OfDog(dog.id(), sum, cleanings);
  }

  private static double takes(
      CleaningMethod method, Habit habit, Optional<Volume> canal, double wipe) {
    return switch (method) {
      case FILL, SYRINGE ->
          habit.poured().or(() -> canal).map(Volume::millilitres).orElse(0.0) * SPILT;
      case SOAKED_PAD -> SOAKED_PAD;
      case WIPE -> habit.expectedWipes() * wipe;
    };
  }
}
