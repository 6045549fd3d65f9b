package org.evenlobe.core.lesson;

import org.evenlobe.core.record.EarGrades;

/**
 * A made-up ear as somebody graded it.
 *
 * @param ear which
 * @param given what they said
 */
public record Graded(MadeUpEar ear, EarGrades given) {}
