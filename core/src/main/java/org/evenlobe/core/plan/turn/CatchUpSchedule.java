package org.evenlobe.core.plan.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.rule.Reason;

/** What follows the passes of a catch-up run (rule PLAN_CATCH_UP): a check, or the vet. */
public final class CatchUpSchedule {
  private CatchUpSchedule() {}

  /**
   * The check, or the visit where none is pressing already.
   *
   * @param visits those that are planned
   */
  public static List<PlanItem> items(
      Situation now, EarPair<EarCourse> ears, List<PlanItem> visits) {
    List<PlanItem> items = new ArrayList<>();
    check(now, ears).ifPresent(items::add);
    if (visits.stream().noneMatch(PlanItem::pressing)) {
      vet(now, ears).ifPresent(items::add);
    }
    return items;
  }

  private static Optional<PlanItem> check(Situation now, EarPair<EarCourse> ears) {
    List<Side> sides = new ArrayList<>();
    List<Reason> reasons = new ArrayList<>();
    Optional<CatchUp> latest = Optional.empty();
    for (Side side : Side.values()) {
      Optional<CatchUp> run =
          ears.get(side)
              .catchUp()
              .filter(r -> r.next().isEmpty() && r.vet().isEmpty() && !r.checked());
      if (run.isPresent()) {
        sides.add(side);
        reasons.add(run.get().reason());
        latest = run;
      }
    }
    return latest.map(
        run ->
            item(
                now,
                PlanItem.Kind.CHECK,
                run,
                sides,
                Window.within(run.lastDay().plusDays(1), 1),
                reasons));
  }

  private static Optional<PlanItem> vet(Situation now, EarPair<EarCourse> ears) {
    List<Side> sides = new ArrayList<>();
    List<Reason> reasons = new ArrayList<>();
    Optional<CatchUp> latest = Optional.empty();
    for (Side side : Side.values()) {
      Optional<CatchUp> run = ears.get(side).catchUp().filter(r -> r.vet().isPresent());
      if (run.isPresent()) {
        sides.add(side);
        reasons.add(run.get().vet().get());
        latest = run;
      }
    }
    return latest.map(
        run ->
            item(
                now,
                PlanItem.Kind.VISIT,
                run,
                sides,
                Window.within(run.lastDay(), Window.DAYS_TO_VET),
                reasons));
  }

  private static PlanItem item(
      Situation now,
      PlanItem.Kind kind,
      CatchUp run,
      List<Side> sides,
      Window window,
      List<Reason> reasons) {
    PlanItem item =
        PlanItem.of(
            PlanItem.Id.of(now.dog().id(), kind, run.last(), "catch-up"),
            sides,
            window,
            now.today(),
            reasons);
    return kind == PlanItem.Kind.VISIT ? item.asPressing() : item;
  }
}
