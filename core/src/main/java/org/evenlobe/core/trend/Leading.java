package org.evenlobe.core.trend;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.Evenness;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Which ear leads, and how often (rule TREND_EVENNESS): it does at a check at which its score is
 * higher by 2 or more.
 *
 * @param led at how many checks each ear led
 * @param even at how many neither did
 * @param reason the same in a sentence
 */
public record Leading(EarPair<Integer> led, int even, Reason reason) {
  /** The same over those checks. */
  public static Leading of(List<AssessedCheck> checks) {
    int right = 0;
    int left = 0;
    for (AssessedCheck one : checks) {
      Optional<Side> worse = Evenness.worse(one.check().ears().map(EarFinding::score));
      right += worse.equals(Optional.of(Side.RIGHT)) ? 1 : 0;
      left += worse.equals(Optional.of(Side.LEFT)) ? 1 : 0;
    }
    int even = checks.size() - right - left;
    String sentence =
        checks.isEmpty()
            ? "No check in this time."
            : right + left == 0
                ? "Neither ear led at any of %s.".formatted(Figures.count(checks.size(), "check"))
                : "The right ear was worse by 2 or more at %d, the left at %d of %s."
                    .formatted(right, left, Figures.count(checks.size(), "check"));
    return new Leading(
        new EarPair<>(right, left),
        even,
        Reason.of(Rule.TREND_EVENNESS, sentence)
            .with("right", right)
            .with("left", left)
            .with("checks", checks.size()));
  }
}
