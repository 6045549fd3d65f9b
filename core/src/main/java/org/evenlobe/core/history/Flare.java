package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;

/**
 * An episode of trouble (rule TREND_FLARE): a run of checks with the sign verdict CAUTION or worse
 * that holds a STOP or worse, or two checks of which one is CAUTION by more than itch and a tick
 * that was lifted off. It ends at the second quiet check in a row.
 *
 * @param start the day of its first check
 * @param end the day it ended; empty while it lasts
 * @param ears the ears that were CAUTION or worse in it by more than that, or a sign of the dog
 * @param uncovered those of them that were so beyond what a vet's order covers
 * @param peakScore the highest score of an ear at a check at which it was CAUTION or worse
 * @param confirmed whether a vet's microscope found an infection in one of those ears meanwhile
 */
public record Flare(
    LocalDate start,
    Optional<LocalDate> end,
    List<Side> ears,
    List<Side> uncovered,
    int peakScore,
    boolean confirmed) {
  private static final int MONTHS = 12;

  public Flare {
    ears = List.copyOf(ears);
    uncovered = List.copyOf(uncovered);
  }

  /** Whether any of it lies in the 12 months up to a day. */
  boolean isWithinAYear(LocalDate day) {
    return end.map(last -> last.plusMonths(MONTHS).isAfter(day)).orElse(true);
  }
}
