package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DayLoad;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Drift;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.learn.IntervalLearning;
import org.evenlobe.core.plan.learn.IntervalLearning.IntervalPoint;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.trend.FlareStory;
import org.evenlobe.core.trend.Follows;
import org.evenlobe.core.trend.Leading;
import org.evenlobe.core.trend.PeriodsCompared;
import org.evenlobe.core.trend.PeriodsCompared.Span;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.SupplyAnswers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a dog's record shows over time. */
@Service
class TrendView {
  private static final int LEAST_DAYS = 60;

  private final FoldedDogs folded;
  private final Plans plans;
  private final SupplyAnswers supplies;

  TrendView(FoldedDogs folded, Plans plans, SupplyAnswers supplies) {
    this.folded = folded;
    this.plans = plans;
    this.supplies = supplies;
  }

  /**
   * What a dog's record shows over time.
   *
   * @param dog its id
   * @param name what it is called
   * @param from the first day that is drawn, not much before anything was on record
   * @param to the last one
   * @param began the first day on record, where there is one
   * @param marks what happened in that time
   * @param loads what each ear's cleanings brought out in it
   * @param intervals the interval of each ear after each of them
   * @param leading which ear led in it
   * @param drifts how far each ear has crept away from what is usual for it, by today
   * @param flares all flares, the latest first
   * @param follows what they follow
   * @param turns days from which on something was different, the latest first
   */
  record DogTrends(
      UUID dog,
      String name,
      LocalDate from,
      LocalDate to,
      Optional<LocalDate> began,
      RibbonMarks marks,
      EarPair<List<DayLoad>> loads,
      EarPair<List<IntervalPoint>> intervals,
      Leading leading,
      EarPair<Optional<DriftNow>> drifts,
      List<FlareStory> flares,
      List<Follows> follows,
      List<TurningDay> turns) {}

  /**
   * How far an ear has crept away.
   *
   * @param drift by how much
   * @param alarms whether that is to be looked into
   * @param reason the same in a sentence
   */
  record DriftNow(Drift drift, boolean alarms, Reason reason) {}

  /**
   * A day from which on something was different.
   *
   * @param day when
   * @param what what began
   */
  record TurningDay(LocalDate day, String what) {}

  /**
   * What the record of one dog shows.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public DogTrends trends(UUID id, LocalDate from, LocalDate to, Standing standing) {
    FoldedDogs.Folded dog = folded.one(id, standing.today());
    DogHistory history = dog.history();
    Span span = new Span(first(history, from, to), to);
    Function<UUID, Optional<String>> bottles = names();
    DogPlan plan = plans.plan(history, standing);
    return new DogTrends(
        id,
        dog.record().profile().name(),
        span.from(),
        to,
        history.begun(),
        RibbonMarks.between(history, span.from(), to),
        EarPair.bySide(side -> within(history.loads(side).days(), DayLoad::day, span)),
        EarPair.bySide(side -> within(intervals(history, plan, side), IntervalPoint::day, span)),
        Leading.of(within(history.checks(), TrendView::day, span)),
        EarPair.bySide(side -> history.drift(side).map(drift -> now(drift, side))),
        FlareStory.of(history),
        Follows.of(history, bottles),
        turns(history));
  }

  /**
   * One time of a dog against another.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public PeriodsCompared compared(UUID id, Span before, Span after) {
    return PeriodsCompared.of(folded.one(id, plans.standing().today()).history(), before, after);
  }

  /** Not much before anything was on record. */
  private static LocalDate first(DogHistory history, LocalDate from, LocalDate to) {
    LocalDate least = to.minusDays(LEAST_DAYS);
    LocalDate began = history.begun().map(day -> Figures.earlier(day, least)).orElse(least);
    return Figures.earlier(Figures.later(from, began), to);
  }

  private static LocalDate day(AssessedCheck check) {
    return check.check().day();
  }

  private static DriftNow now(Drift drift, Side side) {
    return new DriftNow(drift, drift.alarms(), drift.reason(side));
  }

  private static List<IntervalPoint> intervals(DogHistory history, DogPlan plan, Side side) {
    return IntervalLearning.overTime(
        side, plan.start(), history.loads(side).days(), history.forTheVet(side));
  }

  private static <T> List<T> within(List<T> all, Function<T, LocalDate> day, Span span) {
    return all.stream().filter(one -> span.contains(day.apply(one))).toList();
  }

  private Function<UUID, Optional<String>> names() {
    Map<UUID, String> byId =
        supplies.ever().stream()
            .map(SupplyAnswers.Kept::supply)
            .collect(Collectors.toMap(Supply::id, Supply::name));
    return id -> Optional.ofNullable(byId.get(id));
  }

  private static List<TurningDay> turns(DogHistory history) {
    List<TurningDay> turns = new ArrayList<>();
    for (Course course : history.dog().all(Course.class)) {
      turns.add(new TurningDay(course.startsOn(), course.what()));
    }
    for (DietTrial trial : history.dog().all(DietTrial.class)) {
      turns.add(new TurningDay(trial.startsOn(), "diet trial of " + trial.protein()));
    }
    turns.removeIf(turn -> turn.day().isAfter(history.today()));
    turns.sort(Comparator.comparing(TurningDay::day).reversed());
    return turns;
  }
}
