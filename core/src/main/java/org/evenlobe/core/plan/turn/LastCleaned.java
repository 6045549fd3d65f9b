package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.UUID;

/**
 * When an ear was last cleaned, by whomever.
 *
 * @param day the local day
 * @param fact the cleaning or visit
 */
public record LastCleaned(LocalDate day, UUID fact) {}
