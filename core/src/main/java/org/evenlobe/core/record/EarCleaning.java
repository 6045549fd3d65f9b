package org.evenlobe.core.record;

import java.util.Objects;

/**
 * The cleaning of one ear.
 *
 * @param method how it was cleaned
 * @param load what came out
 */
public record EarCleaning(CleaningMethod method, Load load) {

  public EarCleaning {
    Objects.requireNonNull(method, "method");
    Objects.requireNonNull(load, "load");
  }
}
