package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.core.check.Verdict;

/**
 * What a cleaning showed.
 *
 * @param cleaning its id
 * @param day its day
 * @param verdict what it asks for
 */
public record FoundWhileCleaning(UUID cleaning, LocalDate day, Verdict verdict) {}
