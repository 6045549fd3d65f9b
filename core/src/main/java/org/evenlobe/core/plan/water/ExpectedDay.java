package org.evenlobe.core.plan.water;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.UUID;
import org.evenlobe.core.record.ExposureKind;

/**
 * A day on which something is expected of which nobody has said whether it happened.
 *
 * @param expected the id of what repeats
 * @param kind what happens
 * @param day when
 */
public record ExpectedDay(UUID expected, ExposureKind kind, LocalDate day) {
  static final Comparator<ExpectedDay> BY_DAY =
      Comparator.comparing(ExpectedDay::day).thenComparing(ExpectedDay::expected);
}
