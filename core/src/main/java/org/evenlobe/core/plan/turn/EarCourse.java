package org.evenlobe.core.plan.turn;

import java.util.Optional;

/**
 * What an ear's dates are made from.
 *
 * @param plan what is known of it
 * @param bySchool how often the household's school cleans it where no vet says otherwise
 * @param last its last cleaning
 * @param worthIt the check that found wax worth taking out, where nothing has been done about it
 * @param catchUp the run that catches up with it, where there is one
 * @param waits whether its latest check was not quiet
 * @param allows whether the dog allows a cleaning at all
 * @param wipedAsYet whether the dog allows no more than wiping
 */
public record EarCourse(
    EarPlan plan,
    Rhythm bySchool,
    Optional<LastCleaned> last,
    Optional<EarLook> worthIt,
    Optional<CatchUp> catchUp,
    boolean waits,
    boolean allows,
    boolean wipedAsYet) {}
