package org.evenlobe.core.cleaning;

import java.util.Optional;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.HairCare;

/**
 * How one ear stands before a session.
 *
 * @param asked whether it is one of those to be cleaned
 * @param due whether its cleaning is due
 * @param verdict what its latest check says
 * @param seen what was found there
 * @param held why it is held, where it is
 * @param mayGoIn what may go in
 * @param order the vet's instruction that is in force
 * @param hair what is to be done about its hair, where that is due
 * @param canal what its canal holds, where that is known
 * @param syringe what goes into a syringe for it, where that is known
 * @param daysSince how many days ago it was cleaned last
 * @param habit what its last sessions took
 */
public record EarBefore(
    boolean asked,
    boolean due,
    Verdict verdict,
    EarFinding seen,
    Optional<String> held,
    MayGoIn mayGoIn,
    Optional<CleaningInstruction> order,
    Optional<HairCare> hair,
    Optional<Volume> canal,
    Optional<Volume> syringe,
    Optional<Integer> daysSince,
    Habit habit) {}
