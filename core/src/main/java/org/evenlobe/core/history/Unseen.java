package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.UUID;

/**
 * That an ear could not be looked into.
 *
 * @param check the first check at which it could not
 * @param since its day
 * @param lastTried the day of the last try
 * @param presses whether somebody has to look today: it may hurt
 * @param wantsHelp whether so many days of tries failed that a groomer or a vet is to look
 */
public record Unseen(
    UUID check, LocalDate since, LocalDate lastTried, boolean presses, boolean wantsHelp) {}
