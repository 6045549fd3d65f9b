package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.TreeMap;
import org.evenlobe.core.measure.Side;
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

  /** Those that are still to be done, one a day. */
  static List<PlanItem> items(Situation now) {
    TreeMap<LocalDate, PlanItem> items = new TreeMap<>();
    if (now.dog().profile().waterSensitive()) {
      for (Outing outing : now.wet().supposed()) {
        for (int days : DAYS_AFTER) {
          LocalDate best = outing.last().plusDays(days);
          Window window = new Window(best.minusDays(SLACK), best, best.plusDays(SLACK));
          boolean past = window.latest().isBefore(now.today().minusDays(SLACK));
          if (!past && !isDone(now.dog(), window, now.today())) {
            PlanItem item = item(now.dog(), outing, days, window, now.today());
            if (now.moves().skippedOn(item.id()).isEmpty()) {
              items.put(best, item);
            }
          }
        }
      }
    }
    return List.copyOf(items.values());
  }

  private static boolean isDone(DogRecord dog, Window window, LocalDate today) {
    return dog.checks().stream()
        .anyMatch(check -> !check.day().isAfter(today) && window.contains(check.day()));
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
                            Figures.date(outing.last()))
                    + " or two later.")
            .with("daysAfter", days);
    return new PlanItem(
        PlanItem.id(dog.id(), PlanItem.Kind.WATCH, outing.last(), days),
        PlanItem.Kind.WATCH,
        List.of(Side.values()),
        window,
        Standing.of(window, today),
        false,
        List.of(reason));
  }
}
