package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How far an ear has crept away from what is usual for it (rule TREND_DRIFT): a one-sided CUSUM,
 * the sum of what its score without tan and brown discharge is above the usual one and 0.5 more.
 *
 * @param baseline what is usual: the mean of its last 8 quiet checks before the sum left 0
 * @param sum what has been added up since
 * @param built the checks that built it up, oldest first
 */
public record Drift(double baseline, double sum, List<Step> built) {
  static final double SLACK = 0.5;
  static final double ALARM = 3;

  /**
   * A check that built it up.
   *
   * @param day when
   * @param score its score without tan and brown discharge
   * @param sum the sum after it
   */
  public record Step(LocalDate day, int score, double sum) {}

  public Drift {
    built = List.copyOf(built);
  }

  /** Whether it has crept far enough to say so. */
  public boolean alarms() {
    return sum >= ALARM;
  }

  /** The same in a sentence, naming the checks that built it up. */
  public Reason reason(Side side) {
    String checks =
        built.stream()
            .filter(step -> step.score() > baseline + SLACK)
            .map(step -> "%d on %s".formatted(step.score(), Quantities.day(step.day())))
            .collect(Collectors.joining(", "));
    return Reason.of(
            Rule.TREND_DRIFT,
            "The %s has been creeping up on what is usual for it, a score of %s without its wax: %s."
                    .formatted(side.ear(), Figures.plain(baseline), checks)
                + " No single check says so. Have a vet look into it.")
        .with("baseline", baseline)
        .with("sum", sum);
  }
}
