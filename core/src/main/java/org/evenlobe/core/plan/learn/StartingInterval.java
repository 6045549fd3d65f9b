package org.evenlobe.core.plan.learn;

import java.util.ArrayList;
import java.util.List;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What to begin with before anything has been learned (rule PLAN_START).
 *
 * <p>28 days ÷ ρ, put on the nearest rung of 7, 10, 14, 21, 28, 42, 56 days. Where 28 ÷ ρ is over
 * 60 days the ear is left alone and only checked; 56 days is then what learning starts from. For
 * example ρ = 4 gives 7 days, ρ = 0.4275 gives 65 days and so checks only.
 *
 * @param base the rung, days
 * @param exact 28 ÷ ρ, days
 * @param checksOnly true where no routine cleaning is begun from the profile
 * @param reasons the arithmetic
 */
public record StartingInterval(int base, double exact, boolean checksOnly, List<Reason> reasons) {
  private static final double AVERAGE_EAR_DAYS = 28;
  private static final double LONGEST_ROUTINE_DAYS = 60;
  private static final int CHECKS_ONLY_BASE = 56;

  public StartingInterval {
    reasons = List.copyOf(reasons);
  }

  /** The starting interval of an ear that gathers that fast. */
  public static StartingInterval of(LoadFactor factor) {
    double exact = AVERAGE_EAR_DAYS / factor.value();
    boolean checksOnly = exact > LONGEST_ROUTINE_DAYS;
    int base = checksOnly ? CHECKS_ONLY_BASE : IntervalLadder.nearest(exact);
    List<Reason> reasons = new ArrayList<>();
    reasons.add(arithmetic(factor, exact, base, checksOnly));
    if (checksOnly) {
      reasons.add(
          Reason.of(
              Rule.PLAN_CHECKS_ONLY,
              "Over 60 days: look and sniff every week, and leave a quiet ear alone."));
    }
    return new StartingInterval(base, exact, checksOnly, reasons);
  }

  private static Reason arithmetic(LoadFactor factor, double exact, int base, boolean checksOnly) {
    String quotient =
        "28 days ÷ " + Figures.plain(factor.value()) + " = " + Figures.plain(exact) + " days";
    String sentence =
        checksOnly
            ? quotient + "."
            : quotient + "; the nearest of the usual intervals is " + base + " days.";
    return Reason.of(Rule.PLAN_START, sentence)
        .with("rho", factor.value())
        .with("exact", exact)
        .with("base", base);
  }
}
