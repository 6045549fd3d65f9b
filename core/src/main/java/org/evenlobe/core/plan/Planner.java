package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.ear.EarLoading;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/** Makes a dog's plan out of its facts and a day; the same facts and day give the same plan. */
public final class Planner {
  private static final int CLEAN_WIPES_IN_A_ROW = 3;

  private final BreedCatalogue breeds;

  /** A planner that knows those breeds. */
  public Planner(BreedCatalogue breeds) {
    this.breeds = breeds;
  }

  /** How fast load gathers in the ears of such a dog. */
  public LoadFactor loadFactor(DogProfile profile) {
    return EarLoading.loadFactor(profile.ears(), profile.life(), breeds.ancestry(profile.breeds()));
  }

  /**
   * The plan for the next 60 days. Facts dated after today do not count.
   *
   * @throws IllegalArgumentException if the profile names a breed that is not in the catalogue
   */
  public DogPlan plan(DogRecord dog, Preferences preferences, LocalDate today) {
    LoadFactor factor = loadFactor(dog.profile());
    StartingInterval start = StartingInterval.of(factor);
    EarPair<List<EarDay>> history = EarPair.bySide(side -> history(dog, side, today));
    EarPair<EarPlan> ears =
        EarPair.bySide(
            side -> ear(side, start, preferences, dog.profile().eardrum(), history.get(side)));
    return new DogPlan(
        dog.id(),
        today,
        factor,
        start,
        ears,
        CleaningSchedule.items(dog, ears, history.map(Planner::last), today));
  }

  private static List<EarDay> history(DogRecord dog, Side side, LocalDate today) {
    List<EarDay> days = new ArrayList<>();
    for (CleaningRecord cleaning : dog.cleanings()) {
      Optional<EarCleaning> ear = cleaning.ears().get(side);
      if (ear.isPresent() && !cleaning.day().isAfter(today)) {
        days.add(new EarDay(cleaning.id(), DatedCleaning.of(cleaning.day(), ear.get())));
      }
    }
    return days;
  }

  private static EarPlan ear(
      Side side,
      StartingInterval start,
      Preferences preferences,
      Eardrum eardrum,
      List<EarDay> history) {
    List<DatedCleaning> cleanings = history.stream().map(EarDay::cleaning).toList();
    LearnedInterval learned = IntervalLearning.learnedInterval(side, start, cleanings);
    return new EarPlan(
        learned,
        Rhythm.of(learned, preferences, eardrum),
        last(history).map(day -> day.cleaning().day()),
        advice(side, cleanings));
  }

  private static Optional<EarDay> last(List<EarDay> history) {
    return history.isEmpty() ? Optional.empty() : Optional.of(history.get(history.size() - 1));
  }

  private static List<Reason> advice(Side side, List<DatedCleaning> cleanings) {
    List<DatedCleaning> latest =
        cleanings.subList(Math.max(0, cleanings.size() - CLEAN_WIPES_IN_A_ROW), cleanings.size());
    boolean notNeeded =
        latest.size() == CLEAN_WIPES_IN_A_ROW
            && latest.stream().allMatch(cleaning -> cleaning.load().grade() == 0);
    return notNeeded
        ? List.of(
            Reason.of(
                Rule.PLAN_NOT_NEEDED,
                "Three clean wipes in a row: the "
                    + side.ear()
                    + " does not need it. While it is quiet, only look, and clean as needed."))
        : List.of();
  }
}
