package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.TreeMap;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.Outing;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The checks that watch a water-sensitive dog 7, 10 and 14 days after its ears were wet (rule
 * PLAN_WATCH): trouble shows a week or two later. Any check within a day of the best one does.
 */
public final class WatchSchedule {
  private static final int SLACK = Outing.WATCH_SLACK;

  /** What lies further back is watched no longer. */
  private static final int LONGEST = 14 + 2 * SLACK;

  private WatchSchedule() {}

  /** Those that are still to be done, one a day. */
  public static List<PlanItem> items(Situation now) {
    TreeMap<LocalDate, PlanItem> items = new TreeMap<>();
    if (now.dog().isWaterSensitive()) {
      for (Outing outing : now.wet().supposed()) {
        if (outing.last().isBefore(now.today().minusDays(LONGEST))) {
          continue;
        }
        for (int days : Outing.WATCHED_AFTER) {
          LocalDate best = outing.last().plusDays(days);
          Window window = new Window(best.minusDays(SLACK), best, best.plusDays(SLACK));
          boolean past = window.latest().isBefore(now.today().minusDays(SLACK));
          if (!past && !isDone(now.history().checks(), window)) {
            PlanItem item = item(now.dog(), outing, days, window, now.today());
            if (now.moves().skipped(item.id()).isEmpty()) {
              items.put(best, item);
            }
          }
        }
      }
    }
    return List.copyOf(items.values());
  }

  /** From the latest check back, as far as the window reaches. */
  private static boolean isDone(List<AssessedCheck> checks, Window window) {
    for (int i = checks.size() - 1; i >= 0; i--) {
      LocalDate day = checks.get(i).check().day();
      if (day.isBefore(window.earliest())) {
        return false;
      }
      if (window.contains(day)) {
        return true;
      }
    }
    return false;
  }

  private static PlanItem item(
      DogRecord dog, Outing outing, int days, Window window, LocalDate today) {
    long wet = ChronoUnit.DAYS.between(outing.first(), outing.last()) + 1;
    Reason reason =
        Reason.of(
                Rule.PLAN_WATCH,
                "%s after its ears were wet%s, last on %s: trouble that follows water shows a week"
                        .formatted(
                            Figures.count(days, "day"),
                            wet > 1 ? " over " + Figures.count(wet, "day") : "",
                            Quantities.day(outing.last()))
                    + " or two later.")
            .with("daysAfter", days);
    return PlanItem.of(
        PlanItem.Id.of(dog.id(), PlanItem.Kind.WATCH, outing.last(), days),
        List.of(Side.values()),
        window,
        today,
        List.of(reason));
  }
}
