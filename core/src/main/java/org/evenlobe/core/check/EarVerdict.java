package org.evenlobe.core.check;

import java.util.List;
import org.evenlobe.core.record.Grade;

/**
 * What a check says of one ear.
 *
 * @param verdict the verdict
 * @param sign the verdict without the eardrum and without a vet's hold
 * @param mayGoIn what may go in
 * @param score redness, swelling, sores and discharge added up, 0 to 12
 * @param itch the ear's share of shaking and scratching
 * @param reasons every reason that holds, the worst first; never empty
 * @param patterns what a vet may look for, two at most, the better match first
 */
public record EarVerdict(
    Verdict verdict,
    Verdict sign,
    MayGoIn mayGoIn,
    int score,
    Grade itch,
    List<VerdictReason> reasons,
    List<PatternMatch> patterns) {

  public EarVerdict {
    reasons = List.copyOf(reasons);
    patterns = List.copyOf(patterns);
  }
}
