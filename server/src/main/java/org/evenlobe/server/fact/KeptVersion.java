package org.evenlobe.server.fact;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A version of a fact, as it was said.
 *
 * @param version counts from 1
 * @param by who said it
 * @param at when it was recorded
 * @param restorable whether it can be said again: it was replaced within the last 30 days
 * @param said what was said; empty where this version says that the fact is gone
 * @param day the local day that it is of, where it is of one
 */
record KeptVersion<B>(
    int version,
    String by,
    Instant at,
    boolean restorable,
    Optional<B> said,
    Optional<LocalDate> day) {}
