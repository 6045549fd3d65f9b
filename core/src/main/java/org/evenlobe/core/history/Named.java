package org.evenlobe.core.history;

import java.time.Instant;

/**
 * What a vet named for an ear, while that stands.
 *
 * @param product by what name
 * @param at when it was named
 * @param isBottle whether the ear is to be cleaned with it; else it is a medicine
 */
public record Named(String product, Instant at, boolean isBottle) {}
