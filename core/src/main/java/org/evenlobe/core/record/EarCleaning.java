package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.measure.Volume;

/**
 * The cleaning of one ear.
 *
 * @param method how it was cleaned
 * @param load what came out
 * @param poured what was poured in all its fills, where it was measured
 * @param fills how many fills that was
 */
public record EarCleaning(CleaningMethod method, Load load, Optional<Volume> poured, int fills) {

  public EarCleaning {
    Objects.requireNonNull(method, "method");
    Objects.requireNonNull(load, "load");
    Objects.requireNonNull(poured, "poured");
    if (fills < 1) {
      throw new IllegalArgumentException("1 fill or more, not " + fills);
    }
  }

  /** A cleaning of which nothing was measured. */
  public static EarCleaning unmeasured(CleaningMethod method, Load load) {
    return new EarCleaning(method, load, Optional.empty(), 1);
  }

  /** What one fill to the fluid line took, where it was measured. */
  public Optional<Volume> fillToTheLine() {
    return method == CleaningMethod.FILL
        ? poured.map(all -> new Volume(all.millilitres() / fills))
        : Optional.empty();
  }
}
