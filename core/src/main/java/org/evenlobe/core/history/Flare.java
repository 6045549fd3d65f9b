package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;

/**
 * An episode of trouble (rule TREND_FLARE): a run of checks with the sign verdict CAUTION or worse
 * that holds a STOP or worse, or two checks. It ends at the second quiet check in a row.
 *
 * @param start the day of its first check
 * @param end the day it ended; empty while it lasts
 * @param ears the ears that were CAUTION or worse in it
 * @param peakScore the highest score of those ears
 * @param confirmed whether a vet's microscope found an infection in one of those ears meanwhile
 */
public record Flare(
    LocalDate start, Optional<LocalDate> end, List<Side> ears, int peakScore, boolean confirmed) {

  public Flare {
    ears = List.copyOf(ears);
  }

  /** Whether any of it lies on that day or after it. */
  boolean reaches(LocalDate day) {
    return end.map(last -> !last.isBefore(day)).orElse(true);
  }
}
