package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.VisitRecord;

/**
 * A vet's instruction for one ear that is in force.
 *
 * @param visit the visit at which it was given
 * @param since the day of that visit
 * @param instruction what was said
 */
public record VetOrder(UUID visit, LocalDate since, CleaningInstruction instruction) {

  /** The one in force for an ear on a day: that of its latest visit which gave one. */
  public static Optional<VetOrder> of(List<VisitRecord> visits, Side side, LocalDate today) {
    Optional<VetOrder> latest = Optional.empty();
    for (VisitRecord visit : visits) {
      Optional<CleaningInstruction> said = visit.ears().get(side).instruction();
      if (said.isPresent()) {
        latest = Optional.of(new VetOrder(visit.id(), visit.day(), said.get()));
      }
    }
    return latest.filter(order -> order.standsOn(today));
  }

  boolean standsOn(LocalDate day) {
    return instruction.standsOn(day);
  }
}
