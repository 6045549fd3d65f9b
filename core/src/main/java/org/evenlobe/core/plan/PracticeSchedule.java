package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.history.Unseen;
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
  private static final int EVERY_DAYS_AT_THE_TOP = 7;

  private PracticeSchedule() {}

  static List<PlanItem> items(Situation now) {
    Trust trust = now.trust();
    List<PlanItem> items = new ArrayList<>();
    boolean sore = Stream.of(Side.values()).anyMatch(side -> isSore(now.history().ear(side)));
    boolean refused =
        Stream.of(Side.values()).anyMatch(side -> now.history().ear(side).unseen().isPresent());
    boolean likes = now.preferences().also().practiseOn();
    if (sore || !(trust.wantsPractice() || refused || likes)) {
      return items;
    }
    int every = trust.wantsPractice() || refused ? EVERY_DAYS : EVERY_DAYS_AT_THE_TOP;
    Optional<LocalDate> handled = trust.handledOn();
    LocalDate from = handled.orElse(now.dog().addedOn());
    LocalDate best = handled.map(day -> day.plusDays(every)).orElse(now.dog().addedOn());
    for (int ordinal = 0; ; ordinal++) {
      best = now.notPast(best);
      if (best.isAfter(now.horizon())) {
        return items;
      }
      PlanItem.Id id = PlanItem.Id.of(now.dog().id(), PlanItem.Kind.PRACTICE, from, ordinal);
      Optional<Skip> skipped = now.moves().skipped(id);
      if (skipped.isEmpty()) {
        Window window = new Window(best, best, best.plusDays(1));
        items.add(
            PlanItem.of(id, List.of(Side.values()), window, now.today(), reasons(trust, every)));
      }
      LocalDate counted = best;
      best = skipped.map(skip -> Figures.later(counted, skip.day())).orElse(best).plusDays(every);
    }
  }

  /** A touch that hurts undoes many that did not. */
  private static boolean isSore(EarStands ear) {
    return ear.hold().isPresent()
        || ear.counts().atLeast(Verdict.CAUTION)
        || ear.wantsVetAsTold()
        || ear.unseen().filter(Unseen::presses).isPresent();
  }

  private static List<Reason> reasons(Trust trust, int every) {
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
                Rule.TRUST_PRACTICE,
                "Step %d, %s: two to three minutes every %d days%s."
                    .formatted(
                        trust.rung().number(),
                        trust.rung().words(),
                        every,
                        trust.calmOnce() ? "; calm once more and it goes up" : ""))
            .with("rung", trust.rung().number()));
    reasons.addAll(trust.reasons());
    return reasons;
  }
}
