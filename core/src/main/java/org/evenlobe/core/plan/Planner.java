package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.cleaning.Trust;
import org.evenlobe.core.cleaning.TrustLadder;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.ear.EarLoading;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.CleaningSchedule.EarCourse;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.trend.AssessedCheck;
import org.evenlobe.core.trend.CheckHistory;

/** Makes a dog's plan out of its facts and a day; the same facts and day give the same plan. */
public final class Planner {
  private static final int CLEAN_WIPES_IN_A_ROW = 3;

  /** No cleaning is proposed sooner than this after the last one. */
  private static final int GUARD_DAYS = 5;

  private final BreedCatalogue breeds;

  /** A planner that knows those breeds. */
  public Planner(BreedCatalogue breeds) {
    this.breeds = breeds;
  }

  /** How fast load gathers in the ears of such a dog, by what was said of it. */
  public LoadFactor loadFactor(DogProfile profile) {
    return loadFactor(profile, profile.life().infections());
  }

  private LoadFactor loadFactor(DogProfile profile, InfectionHistory infections) {
    Life life = profile.life();
    Life asRecorded =
        new Life(life.water(), life.ground(), life.climate(), life.allergy(), infections);
    return EarLoading.loadFactor(profile.ears(), asRecorded, breeds.ancestry(profile.breeds()));
  }

  /**
   * The plan for the next 60 days. Facts dated after today do not count.
   *
   * @throws IllegalArgumentException if the profile names a breed that is not in the catalogue
   */
  public DogPlan plan(DogRecord dog, Preferences preferences, LocalDate today) {
    return plan(dog, CheckHistory.of(dog, today), preferences, today);
  }

  /** The same, where the checks have been gone through already. */
  public DogPlan plan(
      DogRecord dog, CheckHistory history, Preferences preferences, LocalDate today) {
    LoadFactor factor = loadFactor(dog.profile(), history.infections());
    StartingInterval start = StartingInterval.of(factor);
    SkippedItems skips = new SkippedItems(dog.skips(), today);
    Trust trust = TrustLadder.trust(dog, today);
    EarPair<Optional<LastCleaned>> last =
        EarPair.bySide(side -> lastCleaned(dog, side, fact -> !fact.day().isAfter(today)));
    EarPair<Boolean> tooSoon = EarPair.bySide(side -> waxyTooSoon(dog, history, side));
    List<PlanItem> checks =
        CheckSchedule.items(dog, history, factor, tooSoon.right() || tooSoon.left(), skips, today);
    List<PlanItem> watches = WatchSchedule.items(dog, skips, today);
    LocalDate nextCheck = checks.get(0).window().best();
    EarPair<EarCourse> ears =
        EarPair.bySide(
            side ->
                ear(
                    dog,
                    side,
                    start,
                    history,
                    preferences,
                    last.get(side),
                    tooSoon.get(side),
                    trust,
                    !today.isBefore(nextCheck),
                    today));
    List<PlanItem> items =
        Stream.of(
                VisitSchedule.items(dog, history, today),
                besides(checks, watches),
                watches,
                CleaningSchedule.items(dog, ears, nextCheck, skips, today),
                PracticeSchedule.items(dog, history, trust, skips, today))
            .flatMap(List::stream)
            .sorted(
                Comparator.comparing((PlanItem item) -> item.window().best())
                    .thenComparing(PlanItem::kind))
            .toList();
    return new DogPlan(dog.id(), today, factor, start, ears.map(EarCourse::plan), trust, items);
  }

  /** The checks that no watch stands in for: one look does for both. */
  private static List<PlanItem> besides(List<PlanItem> checks, List<PlanItem> watches) {
    return checks.stream()
        .filter(check -> watches.stream().noneMatch(watch -> coincide(check, watch)))
        .toList();
  }

  private static boolean coincide(PlanItem check, PlanItem watch) {
    LocalDate best = check.window().best();
    return !best.isBefore(watch.window().earliest()) && !best.isAfter(watch.window().latest());
  }

  private static List<DatedCleaning> cleanings(DogRecord dog, Side side, LocalDate today) {
    List<DatedCleaning> days = new ArrayList<>();
    for (CleaningRecord cleaning : dog.cleanings()) {
      if (!cleaning.day().isAfter(today)) {
        cleaning.ears().get(side).ifPresent(ear -> days.add(DatedCleaning.of(cleaning.day(), ear)));
      }
    }
    return days;
  }

  private static EarCourse ear(
      DogRecord dog,
      Side side,
      StartingInterval start,
      CheckHistory history,
      Preferences preferences,
      Optional<LastCleaned> last,
      boolean tooSoon,
      Trust trust,
      boolean checkIsDue,
      LocalDate today) {
    List<DatedCleaning> cleanings = cleanings(dog, side, today);
    LearnedInterval learned = IntervalLearning.learnedInterval(side, start, cleanings);
    boolean allows = trust.rung().atLeast(Rung.WET_PAD);
    Rhythm preferred = Rhythm.bySchool(learned, preferences);
    Rhythm bySchool = allows ? preferred : Rhythm.notYet(preferred, trust);
    Optional<VetOrder> order = VetOrder.of(dog, side, today);
    Optional<EarLook> look = history.latest().map(check -> look(check, side, checkIsDue));
    Optional<Hold> hold = history.holds().get(side);
    EarPlan plan =
        new EarPlan(
            learned,
            Rhythm.of(bySchool, order, hold),
            last.map(LastCleaned::day),
            look,
            hold,
            order,
            history.eardrum(side),
            history.mayGoIn().get(side),
            advice(side, cleanings, tooSoon, history));
    boolean waits = history.latest().map(check -> !check.signs().get(side).isQuiet()).orElse(false);
    return new EarCourse(
        plan,
        bySchool,
        last,
        look.filter(l -> l.verdict() == Verdict.CLEAN && !tooSoon && allows)
            .filter(l -> !cleanedSince(dog, side, history.latest().orElseThrow().check())),
        waits,
        trust.rung() == Rung.WET_PAD);
  }

  private static EarLook look(AssessedCheck check, Side side, boolean checkIsDue) {
    return new EarLook(
        check.check().id(), check.check().day(), check.verdicts().get(side), checkIsDue);
  }

  /** The last cleaning of an ear among those that count, the person's or the vet's. */
  private static Optional<LastCleaned> lastCleaned(
      DogRecord dog, Side side, Predicate<Dated> counts) {
    return cleanedBy(dog, side)
        .filter(counts)
        .max(Dated.BY_TIME)
        .map(fact -> new LastCleaned(fact.day(), fact.id()));
  }

  private static Stream<Dated> cleanedBy(DogRecord dog, Side side) {
    return Stream.concat(
        dog.cleanings().stream().filter(cleaning -> cleaning.ears().get(side).isPresent()),
        dog.visits().stream().filter(visit -> visit.ears().get(side).cleaned()));
  }

  private static boolean cleanedSince(DogRecord dog, Side side, CheckRecord check) {
    return cleanedBy(dog, side).anyMatch(fact -> Dated.BY_TIME.compare(fact, check) > 0);
  }

  /** Whether the latest check found wax worth taking out so soon after a cleaning (PLAN_GUARD). */
  private static boolean waxyTooSoon(DogRecord dog, CheckHistory history, Side side) {
    return history
        .latest()
        .filter(latest -> latest.verdicts().get(side) == Verdict.CLEAN)
        .map(AssessedCheck::check)
        .filter(check -> !cleanedSince(dog, side, check))
        .flatMap(
            check ->
                lastCleaned(dog, side, fact -> Dated.BY_TIME.compare(fact, check) < 0)
                    .map(last -> ChronoUnit.DAYS.between(last.day(), check.day())))
        .filter(days -> days < GUARD_DAYS)
        .isPresent();
  }

  private static List<Reason> advice(
      Side side, List<DatedCleaning> cleanings, boolean tooSoon, CheckHistory history) {
    List<Reason> advice = new ArrayList<>();
    List<DatedCleaning> latest =
        cleanings.subList(Math.max(0, cleanings.size() - CLEAN_WIPES_IN_A_ROW), cleanings.size());
    if (latest.size() == CLEAN_WIPES_IN_A_ROW
        && latest.stream().allMatch(cleaning -> cleaning.load().grade() == 0)) {
      advice.add(
          Reason.of(
              Rule.PLAN_NOT_NEEDED,
              "Three clean wipes in a row: the "
                  + side.ear()
                  + " does not need it. While it is quiet, only look, and clean as needed."));
    }
    if (tooSoon) {
      advice.add(tooSoon(side, history));
    }
    return advice;
  }

  private static Reason tooSoon(Side side, CheckHistory history) {
    List<AssessedCheck> checks = history.checks();
    boolean again =
        checks.size() > 1 && checks.get(checks.size() - 2).verdicts().get(side) == Verdict.CLEAN;
    return Reason.of(
        Rule.PLAN_GUARD,
        again
            ? "The %s is waxy again and again within days of a cleaning: ask your vet why."
                .formatted(side.ear())
            : "The %s is waxy within 5 days of a cleaning: look again before you clean."
                .formatted(side.ear()));
  }
}
