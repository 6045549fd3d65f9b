package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.rule.Reason;

/**
 * What the plan knows of one ear.
 *
 * @param interval its interval, learned as far as its cleanings tell
 * @param rhythm how often it is cleaned by the household's school
 * @param lastCleaned the day of its last cleaning of any kind
 * @param advice what its record suggests beyond a date
 */
public record EarPlan(
    LearnedInterval interval, Rhythm rhythm, Optional<LocalDate> lastCleaned, List<Reason> advice) {

  public EarPlan {
    advice = List.copyOf(advice);
  }
}
