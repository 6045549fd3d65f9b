package org.evenlobe.core.cleaning;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.EarTable;
import org.evenlobe.core.cleaning.SessionCheck.Saying;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.EarFinding;

/**
 * What a session knows beforehand of a check that is still to be made.
 *
 * @param tables what each ear will be judged by
 * @param startsFrom what the check starts from
 * @param normal what each ear shows when it is well, where that is known
 * @param outcomes how the ears would stand by what it may find, where they may still be cleaned
 * @param sayings what to do where an ear says STOP or URGENT
 */
public record CheckAhead(
    EarPair<EarTable> tables,
    Optional<EarPair<EarFinding>> startsFrom,
    EarPair<Optional<EarFinding>> normal,
    List<Outcome> outcomes,
    List<Saying> sayings) {

  /** How the ears would stand after one finding. */
  public record Outcome(EarPair<EarBefore> ears) {}

  public CheckAhead {
    outcomes = List.copyOf(outcomes);
    sayings = List.copyOf(sayings);
  }
}
