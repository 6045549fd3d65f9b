package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.cleaning.Habit;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.turn.Rhythm;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What the plan makes of a cleaning: when the next one is, and what this one changed.
 *
 * <p>For example "next in 11 days; the right ear every 11 days, 2 fewer than before".
 *
 * @param worst what is for the vet, or is to be looked at first, before all that went well
 * @param again that another one follows the same day, and why, where one does
 * @param next the day of the next cleaning, where one is planned
 * @param daysToNext how far it is from the cleaning
 * @param sooner by how many days sooner that is than without this cleaning's teaching; less than 0
 *     is later
 * @param ears what it changed for each ear
 * @param habits what each ear's next session is expected to take
 * @param minutes how long the last sessions took, where that was measured
 * @param reasons why that day
 */
public record CleaningOutcome(
    Optional<Reason> worst,
    Optional<Reason> again,
    Optional<LocalDate> next,
    Optional<Integer> daysToNext,
    int sooner,
    EarPair<IntervalChange> ears,
    EarPair<Habit> habits,
    Optional<Integer> minutes,
    List<Reason> reasons) {

  /**
   * An ear's interval without that cleaning and with it.
   *
   * @param daysBefore without it
   * @param daysNow with it
   * @param news the same in a sentence, with its reason; empty for an ear that was left alone or
   *     has no routine
   */
  public record IntervalChange(int daysBefore, int daysNow, Optional<Reason> news) {}

  public CleaningOutcome {
    reasons = List.copyOf(reasons);
  }

  /** The outcome of one of a dog's cleanings as of its own day. */
  public static CleaningOutcome of(
      Planner planner, DogRecord dog, CleaningRecord cleaning, Preferences preferences) {
    LocalDate day = cleaning.day();
    DogHistory history = DogHistory.of(dog, day);
    DogPlan before = planner.plan(dog.without(cleaning.id()), preferences, day);
    DogPlan now = planner.plan(history, preferences);
    Optional<PlanItem> item =
        now.cleanings().stream().filter(one -> one.window().best().isAfter(day)).findFirst();
    Optional<LocalDate> next = item.map(one -> one.window().best());
    EarPair<IntervalChange> changes =
        EarPair.bySide(
            side ->
                change(
                    side,
                    before.ears().get(side).rhythm().days(),
                    now.ears().get(side).rhythm(),
                    cleaning.ears().get(side).isPresent()));
    return new CleaningOutcome(
        worst(history, now),
        again(now, day),
        next,
        next.map(on -> (int) ChronoUnit.DAYS.between(day, on)),
        item.map(one -> sooner(one, changes)).orElse(0),
        changes,
        EarPair.bySide(side -> Habit.of(dog, side, day)),
        Habit.minutes(dog, day),
        item.map(PlanItem::reasons).orElse(List.of()));
  }

  /** A visit that presses, else why nothing may go into one of its ears. */
  private static Optional<Reason> worst(DogHistory history, DogPlan now) {
    return now.items().stream()
        .filter(item -> item.kind() == PlanItem.Kind.VISIT && item.pressing())
        .flatMap(item -> item.reasons().stream())
        .findFirst()
        .or(
            () ->
                Stream.of(Side.values())
                    .map(history::ear)
                    .filter(
                        ear ->
                            ear.mayGoIn() == MayGoIn.NONE
                                && ear.because() != EarStands.Because.LEFT_ALONE)
                    .map(EarStands::reason)
                    .findFirst());
  }

  private static Optional<Reason> again(DogPlan now, LocalDate day) {
    List<PlanItem> today =
        now.cleanings().stream().filter(item -> item.window().best().equals(day)).toList();
    return today.stream()
        .flatMap(item -> item.hour().stream())
        .min(LocalTime::compareTo)
        .map(
            hour ->
                Reason.of(
                    Rule.PLAN_VET, "Again today, about %s, as your vet ordered.".formatted(hour)))
        .or(
            () ->
                today.stream()
                    .flatMap(item -> item.reasons().stream())
                    .filter(reason -> reason.rule() == Rule.PLAN_CATCH_UP)
                    .findFirst());
  }

  /** Of the ears that come next, by how much the shorter interval has shrunk. */
  private static int sooner(PlanItem next, EarPair<IntervalChange> changes) {
    int before = Integer.MAX_VALUE;
    int now = Integer.MAX_VALUE;
    for (Side side : next.ears()) {
      before = Math.min(before, changes.get(side).daysBefore());
      now = Math.min(now, changes.get(side).daysNow());
    }
    return before - now;
  }

  private static IntervalChange change(Side side, int daysBefore, Rhythm rhythm, boolean done) {
    if (!done || !rhythm.routine()) {
      return new IntervalChange(daysBefore, rhythm.days(), Optional.empty());
    }
    int fewer = daysBefore - rhythm.days();
    String than =
        fewer == 0
            ? "as before"
            : "%s %s than before"
                .formatted(Figures.count(Math.abs(fewer), "day"), fewer > 0 ? "sooner" : "later");
    String because = rhythm.reasons().stream().findFirst().map(Reason::sentence).orElse("");
    Reason news =
        Reason.of(
                Rule.PLAN_LEARN,
                "The %s every %s, %s. %s"
                    .formatted(side.ear(), Figures.count(rhythm.days(), "day"), than, because)
                    .strip())
            .with("before", daysBefore)
            .with("now", rhythm.days());
    return new IntervalChange(daysBefore, rhythm.days(), Optional.of(news));
  }
}
