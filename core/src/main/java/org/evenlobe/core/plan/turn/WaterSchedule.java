package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.history.Outing;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Drying;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What is done on the day that a dog's ears get wet (rules PLAN_DRY, PLAN_WATER): they are dried
 * the same day. Where they would be cleaned after water but the last cleaning is less than 3 days
 * old, they are looked at instead.
 */
public final class WaterSchedule {
  private final Situation now;

  private WaterSchedule(Situation now) {
    this.now = now;
  }

  /** The dryings from today on, and the look that stands in for a cleaning. */
  public static List<PlanItem> items(Situation now) {
    WaterSchedule schedule = new WaterSchedule(now);
    List<PlanItem> items = new ArrayList<>();
    for (Map.Entry<LocalDate, ExposureKind> wet : now.wet().fromToday().entrySet()) {
      PlanItem item = schedule.dry(wet.getKey(), wet.getValue());
      if (!schedule.isDried(wet.getKey()) && now.moves().skipped(item.id()).isEmpty()) {
        items.add(item);
      }
    }
    schedule.lookInstead().ifPresent(items::add);
    return items;
  }

  /** Only of today can it be told: what lies ahead was not dried yet. */
  private boolean isDried(LocalDate day) {
    return day.equals(now.today())
        && (isDone(day, now.dog().all(Drying.class)) || isDone(day, now.dog().cleanings()));
  }

  /** Whether something was done on that day after it was said that the ears got wet. */
  private boolean isDone(LocalDate day, List<? extends Dated> facts) {
    Optional<Exposure> wet =
        now.history().wet().since(day).stream()
            .filter(exposure -> exposure.kind().isWet())
            .reduce((earlier, later) -> later);
    for (int i = facts.size() - 1; i >= 0; i--) {
      Dated fact = facts.get(i);
      // a day is told in more than one zone, but none is further off than this
      if (fact.day().isBefore(day.minusDays(2))) {
        return false;
      }
      if (fact.day().equals(day) && wet.map(w -> !fact.at().isBefore(w.at())).orElse(true)) {
        return true;
      }
    }
    return false;
  }

  private PlanItem dry(LocalDate day, ExposureKind kind) {
    Window window = new Window(day, day, day);
    boolean sure = now.wet().isRecorded(day);
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            Rule.PLAN_DRY,
            Figures.capital(kind.words())
                + " on "
                + Quantities.day(day)
                + ": let it shake, then dry the flaps and the openings with a soft cloth. Put"
                + " nothing into the canals."));
    if (kind == ExposureKind.BATH || kind == ExposureKind.GROOMING) {
      reasons.add(
          Reason.of(
              Rule.PLAN_DRY,
              "Keep the ears dry in a bath: the flaps held down, or a cotton plug at the opening that"
                  + " comes out again; water never from above, the dryer low and not into the"
                  + " ear."));
    }
    if (!sure) {
      reasons.add(
          Reason.of(
              Rule.PLAN_EXPECTED,
              "It is expected on that day, by what you said repeats; strike it out if it does not"
                  + " happen."));
    }
    return PlanItem.of(
        PlanItem.Id.ofDay(now.dog().id(), PlanItem.Kind.DRY, day),
        List.of(Side.values()),
        window,
        now.today(),
        reasons);
  }

  private Optional<PlanItem> lookInstead() {
    if (!now.cleansAfterWater()) {
      return Optional.empty();
    }
    return now.wet().recorded().stream()
        .map(Outing::last)
        .filter(day -> !day.isBefore(now.today().minusDays(1)))
        .reduce((earlier, later) -> later)
        .filter(this::wasCleanedJustBefore)
        .filter(day -> now.history().latest().filter(c -> !c.check().day().isBefore(day)).isEmpty())
        .map(this::look)
        .filter(item -> now.moves().skipped(item.id()).isEmpty());
  }

  /**
   * Whether an ear's last cleaning before it got wet lies less than 3 days back, and none after.
   */
  private boolean wasCleanedJustBefore(LocalDate wet) {
    LocalDate recent = wet.minusDays(EarTurns.DAYS_AFTER_WHICH_WATER_CLEANS);
    return Stream.of(Side.values())
            .anyMatch(
                side ->
                    now.lastCleaned(side)
                        .map(Dated::day)
                        .filter(day -> day.isAfter(recent) && !day.isAfter(wet))
                        .isPresent())
        && !isDone(wet, now.dog().cleanings());
  }

  private PlanItem look(LocalDate wet) {
    Window window = new Window(wet, wet, wet.plusDays(1));
    return PlanItem.of(
        PlanItem.Id.of(now.dog().id(), PlanItem.Kind.CHECK, wet, "water"),
        List.of(Side.values()),
        window,
        now.today(),
        List.of(
            Reason.of(
                Rule.PLAN_WATER,
                "Its ears were wet on %s, but were cleaned less than 3 days before: dry them, and"
                        .formatted(Quantities.day(wet))
                    + " look instead of cleaning again.")));
  }
}
