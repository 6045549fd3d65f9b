package org.evenlobe.core.history;

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
  private final Recent<EarFinding> quiet = new Recent<>();

  void take(EarFinding finding) {
    quiet.take(finding);
  }

  /** The ear when it is well; empty while that is still being learned. */
  Optional<EarFinding> learned() {
    if (quiet.isTooFew()) {
      return Optional.empty();
    }
    Grade discharge = quiet.median(EarFinding::discharge);
    return Optional.of(
        new EarFinding(
            quiet.median(EarFinding::redness),
            quiet.median(EarFinding::swelling),
            quiet.median(EarFinding::sores),
            discharge,
            discharge == Grade.NONE ? DischargeKind.NONE : usualKind(),
            quiet.median(EarFinding::odour),
            Grade.NONE,
            Set.of(),
            HearingTry.NOT_TRIED));
  }

  private DischargeKind usualKind() {
    return quiet.medianOf(finding -> finding.discharge() != Grade.NONE, EarFinding::dischargeKind);
  }
}
