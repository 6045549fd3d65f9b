package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * How a vet wants one ear cleaned. It overrides the plan from the day of the visit.
 *
 * @param everyDays how often; empty for "do not clean"
 * @param method how, where that was said
 * @param product with what, in the person's own words
 * @param until its last day; without one it stands until another visit
 */
public record CleaningInstruction(
    Optional<Integer> everyDays,
    Optional<CleaningMethod> method,
    Optional<String> product,
    Optional<LocalDate> until) {
  /** The longest interval that a vet may say. */
  public static final int MOST_DAYS = 365;

  public CleaningInstruction {
    Objects.requireNonNull(method, "method");
    Objects.requireNonNull(product, "product");
    Objects.requireNonNull(until, "until");
    if (everyDays.isPresent() && (everyDays.get() < 1 || everyDays.get() > MOST_DAYS)) {
      throw new IllegalArgumentException("1 to 365 days, not " + everyDays.get());
    }
  }

  /** Whether it stands on that day, which is not before the visit. */
  public boolean standsOn(LocalDate day) {
    return until.map(last -> !day.isAfter(last)).orElse(true);
  }
}
