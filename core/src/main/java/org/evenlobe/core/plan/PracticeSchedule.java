package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Lays the practices of a dog that is on its way up the trust ladder on days (rule TRUST_PRACTICE):
 * every {@value #EVERY_DAYS} days, while no ear is held and the latest check was quiet.
 */
final class PracticeSchedule {
  private static final int EVERY_DAYS = 2;

  private PracticeSchedule() {}

  static List<PlanItem> items(Situation now) {
    Trust trust = now.trust();
    List<PlanItem> items = new ArrayList<>();
    boolean sore =
        now.history().holds().right().isPresent()
            || now.history().holds().left().isPresent()
            || now.history().latest().map(check -> !check.sign().isQuiet()).orElse(false);
    if (!trust.wantsPractice() || sore) {
      return items;
    }
    Optional<LocalDate> handled = trust.handledOn();
    LocalDate from = handled.orElse(now.dog().addedOn());
    LocalDate best = handled.map(day -> day.plusDays(EVERY_DAYS)).orElse(now.dog().addedOn());
    for (int ordinal = 0; ; ordinal++) {
      best = now.notPast(best);
      if (best.isAfter(now.horizon())) {
        return items;
      }
      PlanItem.Id id = PlanItem.Id.of(now.dog().id(), PlanItem.Kind.PRACTICE, from, ordinal);
      Optional<Skip> skipped = now.moves().skipped(id);
      if (skipped.isEmpty()) {
        Window window = new Window(best, best, best.plusDays(1));
        items.add(PlanItem.of(id, List.of(Side.values()), window, now.today(), reasons(trust)));
      }
      LocalDate counted = best;
      best =
          skipped.map(skip -> Figures.later(counted, skip.day())).orElse(best).plusDays(EVERY_DAYS);
    }
  }

  private static List<Reason> reasons(Trust trust) {
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
                Rule.TRUST_PRACTICE,
                "Rung %d, %s: two to three minutes every %d days%s."
                    .formatted(
                        trust.rung().number(),
                        trust.rung().words(),
                        EVERY_DAYS,
                        trust.calmOnce() ? "; calm once more and it goes up" : ""))
            .with("rung", trust.rung().number()));
    reasons.addAll(trust.reasons());
    return reasons;
  }
}
