package org.evenlobe.core.course;

import java.time.Instant;

/**
 * That somebody told of a dose that may have been this one: it is asked before it is given.
 *
 * @param by who gave it
 * @param at when
 */
public record PerhapsGiven(String by, Instant at) {}
