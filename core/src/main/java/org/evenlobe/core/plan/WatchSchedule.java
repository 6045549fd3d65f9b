package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The checks that watch a water-sensitive dog 7, 10 and 14 days after its ears were wet (rule
 * PLAN_WATCH): trouble shows a week or two later. Any check within a day of the best one does.
 */
final class WatchSchedule {
  private static final int[] DAYS_AFTER = {7, 10, 14};
  private static final int SLACK = 1;

  private WatchSchedule() {}

  /** Those that are still to be done. */
  static List<PlanItem> items(DogRecord dog, SkippedItems skips, LocalDate today) {
    List<PlanItem> items = new ArrayList<>();
    if (!dog.profile().waterSensitive()) {
      return items;
    }
    for (Outing outing : Outing.of(dog.exposures(), today)) {
      for (int days : DAYS_AFTER) {
        PlanItem item = item(dog, outing, days, today);
        boolean past = item.window().latest().isBefore(today.minusDays(SLACK));
        if (!past && !isDone(dog, item.window(), today) && skips.dayOf(item.id()).isEmpty()) {
          items.add(item);
        }
      }
    }
    return items;
  }

  private static boolean isDone(DogRecord dog, Window window, LocalDate today) {
    for (CheckRecord check : dog.checks()) {
      if (!check.day().isAfter(today)
          && !check.day().isBefore(window.earliest())
          && !check.day().isAfter(window.latest())) {
        return true;
      }
    }
    return false;
  }

  private static PlanItem item(DogRecord dog, Outing outing, int days, LocalDate today) {
    LocalDate best = outing.last().plusDays(days);
    Window window = new Window(best.minusDays(SLACK), best, best.plusDays(SLACK));
    long wet = ChronoUnit.DAYS.between(outing.first(), outing.last()) + 1;
    Reason reason =
        Reason.of(
                Rule.PLAN_WATCH,
                "%s after its ears were wet%s, last on %s: trouble that follows water shows a week"
                        .formatted(
                            Figures.count(days, "day"),
                            wet > 1 ? " over " + Figures.count(wet, "day") : "",
                            Figures.date(outing.last()))
                    + " or two later.")
            .with("daysAfter", days);
    return new PlanItem(
        String.join(
            ":",
            dog.id().toString(),
            PlanItem.Kind.WATCH.name(),
            outing.last().toString(),
            Integer.toString(days)),
        PlanItem.Kind.WATCH,
        List.of(Side.values()),
        window,
        Standing.of(window, today),
        false,
        List.of(reason));
  }
}
