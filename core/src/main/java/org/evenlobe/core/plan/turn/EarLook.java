package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.core.check.Verdict;

/**
 * What the latest check said of an ear.
 *
 * @param check its id
 * @param day when it was
 * @param verdict what it said
 * @param heavy whether it found the heaviest grades of discharge
 * @param lookFirst whether the next check is due, so that the verdict no longer tells
 */
public record EarLook(
    UUID check, LocalDate day, Verdict verdict, boolean heavy, boolean lookFirst) {}
