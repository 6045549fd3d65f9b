package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.trial.DietTrialNow;

/**
 * The milestones of a diet trial (rules DIET_DAYS, DIET_REJOIN): its earliest honest end, then the
 * old food back, then the answer after 14 days of it. Each stands until it is said.
 */
public final class DietSchedule {
  private static final int A_WEEK = 7;

  private DietSchedule() {}

  /** The next milestone of each trial that goes on. */
  public static List<PlanItem> items(Situation now) {
    return now.dog().all(DietTrial.class).stream()
        .filter(now::hasHappened)
        .map(trial -> DietTrialNow.of(trial, now.history()))
        .flatMap(trial -> item(now, trial).stream())
        .filter(item -> now.moves().skipped(item.id()).isEmpty())
        .toList();
  }

  private static Optional<PlanItem> item(Situation now, DietTrialNow trial) {
    return switch (trial.stage()) {
      case TO_COME, GOES_ON ->
          Optional.of(item(now, trial, 0, day(trial.ends()), trial.reasons()))
              .filter(item -> !trial.ends().isAfter(now.horizon()));
      case REACHED ->
          Optional.of(
              item(
                  now,
                  trial,
                  1,
                  new Window(trial.ends(), trial.ends().plusDays(1), trial.ends().plusDays(A_WEEK)),
                  trial.reasons()));
      case OLD_FOOD -> {
        LocalDate last = trial.rejoinEnds().orElseThrow();
        yield Optional.of(
            item(
                now,
                trial,
                2,
                day(last),
                List.of(
                    Reason.of(
                        Rule.DIET_REJOIN,
                        "14 days with the old food are over then: worse again, or not? Say so on the"
                            + " trial's page."))));
      }
      case WORSE_AGAIN, NO_WORSE, GIVEN_UP -> Optional.empty();
    };
  }

  private static Window day(LocalDate day) {
    return new Window(day, day, day);
  }

  private static PlanItem item(
      Situation now, DietTrialNow trial, int milestone, Window window, List<Reason> reasons) {
    return PlanItem.of(
        PlanItem.Id.of(now.dog().id(), PlanItem.Kind.DIET, trial.trial().id(), milestone),
        List.of(Side.values()),
        window,
        now.today(),
        reasons);
  }
}
