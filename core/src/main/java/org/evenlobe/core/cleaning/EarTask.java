package org.evenlobe.core.cleaning;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.WipeSigns;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.rule.Reason;

/**
 * What a session does to one ear.
 *
 * @param ear which
 * @param method how; empty where it is left alone
 * @param narrowed whether that is less than the household would do
 * @param mayFully whether it is only wiped because it is quiet and not due, so that a person may
 *     have it cleaned fully all the same
 * @param ordered whether a vet who has seen it ordered it
 * @param care by what order and under what course it is, in their own words
 * @param finds what each thing that a wipe may show asks for: what stands there ends the rounds
 * @param perFill what one fill takes, where that is known
 * @param habit what its last sessions took
 * @param reasons why so, the deciding one first
 */
public record EarTask(
    Side ear,
    Optional<CleaningMethod> method,
    boolean narrowed,
    boolean mayFully,
    boolean ordered,
    List<String> care,
    WipeSigns finds,
    Optional<Volume> perFill,
    Habit habit,
    List<Reason> reasons) {

  public EarTask {
    care = List.copyOf(care);
    reasons = List.copyOf(reasons);
  }
}
