package org.evenlobe.core.check;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What to do after a check.
 *
 * @param now in one sentence
 * @param steps what that means, in order
 */
public record Advice(String now, List<String> steps) {

  public Advice {
    steps = List.copyOf(steps);
  }

  /**
   * What to do by verdicts alone, where a check is judged without what it found.
   *
   * @param holds those that are open
   * @param covered the ears whose signs a vet's order covers
   */
  public static Advice of(
      EarPair<Verdict> verdicts, EarPair<Optional<Hold>> holds, Set<Side> covered) {
    EarPair<EarVerdict> ears =
        EarPair.bySide(side -> bare(verdicts.get(side), covered.contains(side)));
    return Advising.advice(ears, EarPair.both(EarFinding.NOTHING), holds);
  }

  private static EarVerdict bare(Verdict verdict, boolean covered) {
    Rule rule = verdict == Verdict.STOP ? Rule.CHECK_WORSE : Rule.CHECK_ORDER;
    return new EarVerdict(
        verdict,
        verdict,
        // what may go in is not known here: the stricter word stands
        MayGoIn.WIPE,
        0,
        Grade.NONE,
        covered
            ? List.of(new VerdictReason(verdict, Reason.of(rule, "By the vet's order."), ""))
            : List.of(),
        List.of());
  }
}
