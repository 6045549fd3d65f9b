package org.evenlobe.core.course;

import java.time.Instant;
import java.time.LocalDateTime;
import org.evenlobe.core.record.DoseAmount;

/**
 * A dose of a course.
 *
 * @param number counts from 1
 * @param phase of which phase, from 1
 * @param local by the clock on the wall, as the label means it
 * @param at the instant that is
 * @param amount how much
 */
public record Dose(int number, int phase, LocalDateTime local, Instant at, DoseAmount amount) {}
