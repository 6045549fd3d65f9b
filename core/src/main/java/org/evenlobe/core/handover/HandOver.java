package org.evenlobe.core.handover;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.rule.Reason;

/**
 * One page for whoever takes a dog for some days.
 *
 * @param dog what it is called
 * @param taker who takes it
 * @param from its first day there
 * @param until its last one
 * @param parts what they are told, what can hurt the dog first
 * @param known the signs of each ear that are normal for it, or that its vet knows: who sees them
 *     is asked whether they are more than that
 */
public record HandOver(
    String dog,
    Taker taker,
    LocalDate from,
    LocalDate until,
    List<HandOverPart> parts,
    EarPair<Set<Told.Seen>> known) {
  public HandOver {
    parts = List.copyOf(parts);
  }

  /**
   * A part of it.
   *
   * @param title its heading
   * @param lines what it says
   */
  public record HandOverPart(String title, List<Reason> lines) {
    public HandOverPart {
      lines = List.copyOf(lines);
    }
  }
}
