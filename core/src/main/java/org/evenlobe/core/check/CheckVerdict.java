package org.evenlobe.core.check;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.rule.Reason;

/**
 * What a check says.
 *
 * @param verdict the dog's: the worse of the two ears'
 * @param ears each ear's
 * @param evenness how far the two are apart
 * @param holds the holds that are open after it
 * @param intake why an ear may only be wiped though its verdict would allow more
 * @param advice what to do now
 */
public record CheckVerdict(
    Verdict verdict,
    EarPair<EarVerdict> ears,
    Evenness evenness,
    EarPair<Optional<Hold>> holds,
    List<Reason> intake,
    Advice advice) {

  public CheckVerdict {
    intake = List.copyOf(intake);
  }
}
