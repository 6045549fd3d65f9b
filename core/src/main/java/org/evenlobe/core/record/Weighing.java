package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import org.evenlobe.core.measure.Weight;

/**
 * What a dog weighed on a day.
 *
 * @param on the day
 * @param weight what it weighed
 */
public record Weighing(LocalDate on, Weight weight) {

  public Weighing {
    Objects.requireNonNull(on, "on");
    Objects.requireNonNull(weight, "weight");
  }
}
