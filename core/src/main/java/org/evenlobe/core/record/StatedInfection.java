package org.evenlobe.core.record;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.measure.Side;

/**
 * The last ear infection that a person tells of. A month stands for its last day: one in May 2026
 * counts until 30 May 2027.
 *
 * @param month in which it was
 * @param ear in which ear the infections were; empty where it was both, or is not known
 */
public record StatedInfection(YearMonth month, Optional<Side> ear) {
  private static final int MONTHS = 12;

  public StatedInfection {
    Objects.requireNonNull(month, "month");
    Objects.requireNonNull(ear, "ear");
  }

  /** Whether it was in that ear, or may have been. */
  public boolean isOf(Side side) {
    return ear.map(side::equals).orElse(true);
  }

  /** Whether that day lies in the 12 months after it. */
  public boolean isWithinAYear(LocalDate day) {
    return month.atEndOfMonth().plusMonths(MONTHS).isAfter(day);
  }
}
