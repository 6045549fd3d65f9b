package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.learn.StartingInterval;
import org.evenlobe.core.plan.turn.EarPlan;
import org.evenlobe.core.plan.water.ExpectedDay;
import org.evenlobe.core.rule.Reason;

/**
 * A dog's plan for the next {@value PlanItem#HORIZON_DAYS} days.
 *
 * @param dogId whose
 * @param today the day it was made for
 * @param loadFactor how fast its ears are expected to gather
 * @param start what was begun with
 * @param ears what is known of each ear
 * @param trust where it stands on the trust ladder
 * @param items what is planned, earliest best day first
 * @param noCleaning why no cleaning is planned, where none is
 * @param open what was or is expected to happen, of which nobody has said whether it did
 */
public record DogPlan(
    UUID dogId,
    LocalDate today,
    LoadFactor loadFactor,
    StartingInterval start,
    EarPair<EarPlan> ears,
    Trust trust,
    List<PlanItem> items,
    Optional<Reason> noCleaning,
    List<ExpectedDay> open) {
  public DogPlan {
    items = List.copyOf(items);
    open = List.copyOf(open);
  }

  /** The same plan with other items, in any order. */
  public DogPlan withItems(List<PlanItem> others) {
    return new DogPlan(
        dogId, today, loadFactor, start, ears, trust, PlanItem.inOrder(others), noCleaning, open);
  }

  /** The planned cleanings. */
  public List<PlanItem> cleanings() {
    return items.stream().filter(item -> item.kind() == PlanItem.Kind.CLEAN).toList();
  }
}
