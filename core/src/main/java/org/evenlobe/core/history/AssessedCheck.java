package org.evenlobe.core.history;

import java.util.Optional;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.EarFinding;

/**
 * A check with its verdicts.
 *
 * @param check what was found, with what others told and was so counted in
 * @param verdicts the verdict of each ear
 * @param signs the verdict of each ear without the eardrum and without a vet's hold; of one that
 *     nobody saw, by what is known of it
 * @param opens the verdict of each ear that opens a hold: what an order covers does not
 * @param counts the sign verdict of each ear once no order covers it: without what a vet saw of the
 *     whole dog with the other ear
 */
public record AssessedCheck(
    CheckRecord check,
    EarPair<Verdict> verdicts,
    EarPair<Verdict> signs,
    EarPair<Verdict> opens,
    EarPair<Verdict> counts) {

  /** The dog's sign verdict: the worse of the two ears'. */
  public Verdict sign() {
    return signs.join(Verdict::or);
  }

  /** The worse of the verdicts that open a hold. */
  public Verdict opening() {
    return opens.join(Verdict::or);
  }

  /** Whether an ear could be looked into. */
  public boolean saw(Side side) {
    return check.ears().get(side).couldLook();
  }

  /** What an ear showed, where it could be looked into. */
  public Optional<EarFinding> found(Side side) {
    return Optional.of(check.ears().get(side)).filter(EarFinding::couldLook);
  }

  /** Whether both ears could be looked into and are quiet. */
  public boolean isQuiet() {
    return check.sawBoth() && sign().isQuiet();
  }
}
