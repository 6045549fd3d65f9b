package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.ear.EarLoading;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Drift;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.FoundWhileCleaning;
import org.evenlobe.core.history.LoadLine;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.learn.IntervalLearning;
import org.evenlobe.core.plan.learn.LearnedInterval;
import org.evenlobe.core.plan.learn.StartingInterval;
import org.evenlobe.core.plan.look.AskSchedule;
import org.evenlobe.core.plan.look.CareSchedule;
import org.evenlobe.core.plan.look.CheckSchedule;
import org.evenlobe.core.plan.look.DietSchedule;
import org.evenlobe.core.plan.look.SeedSchedule;
import org.evenlobe.core.plan.look.TalkSchedule;
import org.evenlobe.core.plan.look.VisitSchedule;
import org.evenlobe.core.plan.look.WatchSchedule;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.plan.turn.CatchUp;
import org.evenlobe.core.plan.turn.CatchUpSchedule;
import org.evenlobe.core.plan.turn.CleaningSchedule;
import org.evenlobe.core.plan.turn.EarCourse;
import org.evenlobe.core.plan.turn.EarLook;
import org.evenlobe.core.plan.turn.EarPlan;
import org.evenlobe.core.plan.turn.LastCleaned;
import org.evenlobe.core.plan.turn.OrderSchedule;
import org.evenlobe.core.plan.turn.Rhythm;
import org.evenlobe.core.plan.turn.WaterSchedule;
import org.evenlobe.core.record.CleaningGuard;
import org.evenlobe.core.record.ClimateReading;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Rung;
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

  /** How fast load gathers in the ears of such a dog, by what was said of it. */
  public LoadFactor loadFactor(DogProfile profile, Optional<ClimateReading> climate) {
    return loadFactor(profile, climate, profile.life().infections());
  }

  private LoadFactor loadFactor(
      DogProfile profile, Optional<ClimateReading> climate, InfectionHistory infections) {
    Life life = profile.life();
    Life asRecorded =
        new Life(life.water(), life.ground(), life.climate(), life.allergy(), infections);
    return EarLoading.loadFactor(
        profile.ears(), asRecorded, breeds.ancestry(profile.breeds()), climate);
  }

  /**
   * The plan for the next 60 days. Facts dated after today do not count.
   *
   * @throws IllegalArgumentException if the profile names a breed that is not in the catalogue
   */
  public DogPlan plan(DogRecord dog, Preferences preferences, LocalDate today) {
    return plan(DogHistory.of(dog, today), preferences);
  }

  /** The same for the last day of a history, where the facts have been gone through already. */
  public DogPlan plan(DogHistory history, Preferences preferences) {
    DogRecord dog = history.dog();
    LocalDate today = history.today();
    Situation now = Situation.of(history, preferences);
    LoadFactor factor = loadFactor(dog.profile(), preferences.climate(), history.infections());
    StartingInterval start = StartingInterval.of(factor);
    EarPair<Optional<Dated>> tooSoon = EarPair.bySide(side -> waxyTooSoonAfter(now, side));
    List<PlanItem> checks = checks(now, factor, tooSoon);
    LocalDate nextCheck = nextCheck(checks);
    EarPair<EarCourse> ears =
        EarPair.bySide(
            side -> ear(now, side, start, tooSoon.get(side), !today.isBefore(nextCheck)));
    List<PlanItem> visits = VisitSchedule.items(now);
    List<PlanItem> others =
        Stream.of(
                visits,
                WaterSchedule.items(now),
                AskSchedule.items(now),
                SeedSchedule.items(now),
                WatchSchedule.items(now),
                CatchUpSchedule.items(now, ears, visits),
                OrderSchedule.items(now, ears),
                CleaningSchedule.items(now, ears, nextCheck),
                HairSchedule.items(now),
                DietSchedule.items(now),
                TalkSchedule.items(now, visits),
                PracticeSchedule.items(now))
            .flatMap(List::stream)
            .map(item -> pinned(now, item))
            .toList();
    List<PlanItem> items =
        PlanItem.inOrder(Stream.concat(besides(checks, others).stream(), others.stream()).toList());
    return new DogPlan(
        dog.id(),
        today,
        factor,
        start,
        ears.map(EarCourse::plan),
        now.trust(),
        items,
        noCleaning(ears, items),
        now.wet().open());
  }

  private static List<PlanItem> checks(
      Situation now, LoadFactor factor, EarPair<Optional<Dated>> tooSoon) {
    List<PlanItem> care = CareSchedule.items(now);
    return care.isEmpty()
        ? CheckSchedule.items(
            now, factor, tooSoon.right().isPresent() || tooSoon.left().isPresent())
        : care;
  }

  private static LocalDate nextCheck(List<PlanItem> checks) {
    return checks.stream()
        .filter(item -> item.kind() == PlanItem.Kind.CHECK)
        .map(item -> item.window().best())
        .min(LocalDate::compareTo)
        .orElseThrow();
  }

  /** Why no cleaning is planned, where none is. */
  private static Optional<Reason> noCleaning(EarPair<EarCourse> ears, List<PlanItem> items) {
    if (items.stream().anyMatch(item -> item.kind() == PlanItem.Kind.CLEAN)) {
      return Optional.empty();
    }
    return Stream.of(Side.values())
        .map(side -> ears.get(side).plan())
        .flatMap(ear -> ear.rhythm().whyNone().stream())
        .findFirst();
  }

  /** A look that is planned besides the usual ones, on the day that a person put it on. */
  private static PlanItem pinned(Situation now, PlanItem item) {
    return item.kind() == PlanItem.Kind.CHECK ? now.moves().placed(item, now.today()) : item;
  }

  /**
   * The checks that no other look stands in for: one look does for both. One that a person put on a
   * day stays there.
   */
  private static List<PlanItem> besides(List<PlanItem> checks, List<PlanItem> others) {
    List<PlanItem> looks = others.stream().filter(item -> item.kind().isLook()).toList();
    return checks.stream()
        .filter(
            check ->
                check.fixedBy() == PlanItem.FixedBy.PERSON
                    || looks.stream()
                        .noneMatch(look -> look.window().contains(check.window().best())))
        .toList();
  }

  private static EarCourse ear(
      Situation now,
      Side side,
      StartingInterval start,
      Optional<Dated> tooSoon,
      boolean checkIsDue) {
    DogHistory history = now.history();
    LoadLine loads = history.loads(side);
    LearnedInterval learned =
        IntervalLearning.learnedInterval(side, start, loads.days(), history.forTheVet(side));
    boolean allows = now.trust().rung().atLeast(Rung.WET_PAD);
    Rhythm preferred = Rhythm.bySchool(learned, now.preferences());
    Rhythm bySchool = allows ? preferred : Rhythm.notYet(preferred, now.trust());
    EarStands stands = history.ear(side);
    Optional<VetOrder> order = stands.order();
    Optional<UnderCourse> course = UnderCourse.of(now.dog(), side, now.today());
    Optional<EarLook> look = history.latest().map(check -> look(history, check, side, checkIsDue));
    Optional<Hold> hold = stands.hold();
    Optional<LastCleaned> last =
        now.lastCleaned(side).map(fact -> new LastCleaned(fact.day(), fact.id()));
    EarPlan plan =
        new EarPlan(
            learned,
            Rhythm.of(bySchool, order, course, hold),
            last.map(LastCleaned::day),
            look,
            hold,
            order,
            course,
            stands.eardrum(),
            stands.mayGoIn(),
            stands.because(),
            stands.reason(),
            advice(side, tooSoon, history));
    return new EarCourse(
        plan,
        bySchool,
        last,
        look.filter(l -> l.verdict() == Verdict.CLEAN && tooSoon.isEmpty() && allows)
            .filter(l -> !loads.isCleanedSince(history.latest().orElseThrow().check())),
        CatchUp.of(now, side, learned.neglectedOn()).filter(run -> allows),
        history.ear(side).showsTrouble(),
        allows,
        now.trust().rung() == Rung.WET_PAD);
  }

  private static EarLook look(
      DogHistory history, AssessedCheck check, Side side, boolean checkIsDue) {
    EarStands ear = history.ear(side);
    Verdict said = check.verdicts().get(side);
    // what a check found before a vet opened the ear again tells no longer
    boolean isOver = ear.liftedSince() && !said.isQuiet();
    return new EarLook(
        check.check().id(),
        check.check().day(),
        ear.foundCleaning().map(FoundWhileCleaning::verdict).map(said::or).orElse(said),
        check.found(side).filter(found -> found.discharge() == Grade.SEVERE).isPresent(),
        checkIsDue || isOver);
  }

  /**
   * The cleaning so soon after which the latest check found wax worth taking out (PLAN_GUARD),
   * where it did.
   */
  private static Optional<Dated> waxyTooSoonAfter(Situation now, Side side) {
    return now.history()
        .latest()
        .filter(latest -> latest.verdicts().get(side) == Verdict.CLEAN)
        .map(AssessedCheck::check)
        .filter(check -> !now.history().loads(side).isCleanedSince(check))
        .flatMap(
            check ->
                now.history()
                    .loads(side)
                    .lastBefore(check)
                    .filter(
                        last ->
                            ChronoUnit.DAYS.between(last.day(), check.day()) < CleaningGuard.DAYS));
  }

  private static List<Reason> advice(Side side, Optional<Dated> tooSoon, DogHistory history) {
    List<Reason> advice = new ArrayList<>();
    List<LoadLine.Pass> passes = history.loads(side).passes();
    List<LoadLine.Pass> latest =
        passes.subList(Math.max(0, passes.size() - CLEAN_WIPES_IN_A_ROW), passes.size());
    if (latest.size() == CLEAN_WIPES_IN_A_ROW
        && latest.stream().allMatch(pass -> pass.ear().load().grade() == 0)) {
      advice.add(
          Reason.of(
              Rule.PLAN_NOT_NEEDED,
              "Three clean wipes in a row: the "
                  + side.ear()
                  + " does not need it. While it is quiet, only look, and clean as needed."));
    }
    tooSoon.ifPresent(cleaning -> advice.add(tooSoon(side, cleaning, history)));
    history.drift(side).filter(Drift::alarms).map(one -> one.reason(side)).ifPresent(advice::add);
    return advice;
  }

  /** Again and again is where the check before found it too, after that same cleaning. */
  private static Reason tooSoon(Side side, Dated cleaning, DogHistory history) {
    List<AssessedCheck> checks = history.checks();
    boolean again =
        checks.size() > 1
            && Dated.BY_TIME.compare(checks.get(checks.size() - 2).check(), cleaning) > 0
            && checks.get(checks.size() - 2).verdicts().get(side) == Verdict.CLEAN;
    return Reason.of(
        Rule.PLAN_GUARD,
        again
            ? "The %s is waxy again and again within days of a cleaning: ask your vet why."
                .formatted(side.ear())
            : "The %s is waxy within 5 days of a cleaning: look again before you clean."
                .formatted(side.ear()));
  }
}
