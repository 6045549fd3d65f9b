package org.evenlobe.core.trend;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;

/**
 * What an ear shows when it is well (rule TREND_BASELINE): for each sign the median of its last 8
 * quiet checks, 3 at least.
 */
final class NormalFinding {
  private final Deque<EarFinding> quiet = new ArrayDeque<>();

  void take(EarFinding finding) {
    Medians.keep(quiet, finding);
  }

  /** The ear when it is well; empty while that is still being learned. */
  Optional<EarFinding> learned() {
    if (quiet.size() < Medians.FEWEST) {
      return Optional.empty();
    }
    Grade discharge = Medians.median(quiet, EarFinding::discharge);
    return Optional.of(
        new EarFinding(
            Medians.median(quiet, EarFinding::redness),
            Medians.median(quiet, EarFinding::swelling),
            Medians.median(quiet, EarFinding::sores),
            discharge,
            discharge == Grade.NONE ? DischargeKind.NONE : usualKind(),
            Medians.median(quiet, EarFinding::odour),
            Grade.NONE,
            Set.of(),
            HearingTry.NOT_TRIED));
  }

  private DischargeKind usualKind() {
    return Medians.median(
        quiet.stream().filter(finding -> finding.discharge() != Grade.NONE).toList(),
        EarFinding::dischargeKind);
  }
}
