package org.evenlobe.core.answer;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.suit.Bottles.LaidOut;
import org.evenlobe.core.suit.Suitability;
import org.evenlobe.core.suit.Suits;

/**
 * All that is said of one ear on a day, made once: every page, letter and device shows a choice of
 * its parts and judges nothing itself.
 *
 * @param stands how it stands, since when and by whose word, and what may go in
 * @param pours whether its cleaning pours liquid in; else it is wiped
 * @param laidOut the bottle that is laid out for it, were it cleaned now
 * @param bottles every bottle of the house with its answer for this ear, those that do not suit
 *     last
 * @param clean when it is cleaned next, where that is planned
 * @param check when it is looked at next
 * @param visit when a vet is to see it, where one is
 * @param asks what is open and asked
 */
public record EarAnswer(
    EarStands stands,
    boolean pours,
    LaidOut laidOut,
    List<BottleAnswer> bottles,
    Optional<PlanItem> clean,
    Optional<PlanItem> check,
    Optional<PlanItem> visit,
    List<Reason> asks) {

  /**
   * A bottle, and whether it may be used for the ear as it is.
   *
   * @param supply which
   * @param suits whether it suits, by how this ear is cleaned
   * @param answers both answers, with their reasons
   */
  public record BottleAnswer(Supply supply, Suits suits, Suitability answers) {}

  public EarAnswer {
    bottles = List.copyOf(bottles);
    asks = List.copyOf(asks);
  }
}
