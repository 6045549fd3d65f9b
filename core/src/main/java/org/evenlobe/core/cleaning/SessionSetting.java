package org.evenlobe.core.cleaning;

import java.util.Optional;
import org.evenlobe.core.check.Advice;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.HoldWay;

/**
 * What a session is built for, besides its ears.
 *
 * @param name the dog's
 * @param weight what it weighs, where that is known
 * @param bites whether it bites
 * @param held how it is held, where that was chosen
 * @param helper whether a second person is there
 * @param ways how the household does it with this dog
 * @param trust where it stands on the trust ladder
 * @param minutes how long the last sessions took
 * @param checkedToday whether its ears have been looked at today
 * @param advice what the latest check advises
 */
public record SessionSetting(
    String name,
    Optional<Weight> weight,
    boolean bites,
    Optional<HoldWay> held,
    boolean helper,
    CleaningWays ways,
    Trust trust,
    Optional<Integer> minutes,
    boolean checkedToday,
    Optional<Advice> advice) {}
