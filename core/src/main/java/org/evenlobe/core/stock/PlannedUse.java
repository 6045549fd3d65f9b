package org.evenlobe.core.stock;

import java.time.LocalDate;

/**
 * What one planned cleaning is expected to take.
 *
 * @param on the day
 * @param amount mL or wipes
 */
public record PlannedUse(LocalDate on, double amount) {}
