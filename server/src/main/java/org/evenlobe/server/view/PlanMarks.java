package org.evenlobe.server.view;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.turn.EarLook;
import org.evenlobe.core.plan.water.ExpectedDay;

/**
 * A dog's plan as it is drawn beside those of others: its reasons are told where they are asked
 * for.
 *
 * @param ears how each ear stands
 * @param items what is planned, earliest best day first
 * @param open what was or is expected to happen, of which nobody has said whether it did
 */
record PlanMarks(EarPair<EarMark> ears, List<ItemMark> items, List<ExpectedDay> open) {

  /**
   * How an ear stands.
   *
   * @param hold the hold that is open, where one is
   * @param look what the latest check said of it, where there is one
   * @param order the vet's order that is in force
   * @param mayGoIn what may go in
   * @param because by whose word, or by what
   */
  record EarMark(
      Optional<Hold> hold,
      Optional<EarLook> look,
      Optional<VetOrder> order,
      MayGoIn mayGoIn,
      EarStands.Because because) {}

  /**
   * A planned item.
   *
   * @param id stands while what it counts from does
   * @param kind what is to be done
   * @param ears which ears
   * @param hour about which hour, where it is one of several on a day
   * @param window when
   * @param own the window that the rules gave
   * @param standing whether it is due
   * @param pressing whether it goes before everything else
   * @param fixedBy who fixed its day
   * @param pins the words that put it there
   */
  record ItemMark(
      PlanItem.Id id,
      PlanItem.Kind kind,
      List<Side> ears,
      Optional<LocalTime> hour,
      Window window,
      Window own,
      Standing standing,
      boolean pressing,
      PlanItem.FixedBy fixedBy,
      List<UUID> pins) {

    static ItemMark of(PlanItem item) {
      return new ItemMark(
          item.id(),
          item.kind(),
          item.ears(),
          item.hour(),
          item.window(),
          item.own(),
          item.standing(),
          item.pressing(),
          item.fixedBy(),
          item.pins());
    }
  }

  static PlanMarks of(DogPlan plan) {
    return new PlanMarks(
        plan.ears()
            .map(
                ear ->
                    new EarMark(ear.hold(), ear.look(), ear.order(), ear.mayGoIn(), ear.because())),
        plan.items().stream().map(ItemMark::of).toList(),
        plan.open());
  }
}
