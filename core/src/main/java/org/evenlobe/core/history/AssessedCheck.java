package org.evenlobe.core.history;

import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CheckRecord;

/**
 * A check with its verdicts.
 *
 * @param check what was found
 * @param verdicts the verdict of each ear
 * @param signs the verdict of each ear without the eardrum and without a vet's hold
 */
public record AssessedCheck(CheckRecord check, EarPair<Verdict> verdicts, EarPair<Verdict> signs) {

  /** The dog's sign verdict: the worse of the two ears'. */
  public Verdict sign() {
    return signs.join(Verdict::or);
  }
}
