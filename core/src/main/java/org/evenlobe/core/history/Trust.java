package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.rule.Reason;

/**
 * Where a dog stands on the trust ladder.
 *
 * @param rung what it allows now
 * @param handledOn the day on which it was last practised with or cleaned, where that was said
 * @param calmOnce whether it was calm there once, so that once more on another day takes it up
 * @param reasons what moved it last
 */
public record Trust(
    Rung rung, Optional<LocalDate> handledOn, boolean calmOnce, List<Reason> reasons) {

  public Trust {
    reasons = List.copyOf(reasons);
  }

  /** Whether practice is wanted: it does not allow a full session yet. */
  public boolean wantsPractice() {
    return rung != Rung.FULL_SESSION;
  }
}
