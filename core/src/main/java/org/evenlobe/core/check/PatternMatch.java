package org.evenlobe.core.check;

import java.util.List;
import org.evenlobe.core.rule.Reason;

/**
 * How well a pattern matches an ear.
 *
 * @param pattern the pattern
 * @param words it in plain words
 * @param match signs that fit less signs that speak against
 * @param fits the signs that fit
 * @param against the signs that speak against
 * @param reason the same as a sentence
 */
public record PatternMatch(
    Pattern pattern,
    String words,
    int match,
    List<String> fits,
    List<String> against,
    Reason reason) {

  public PatternMatch {
    fits = List.copyOf(fits);
    against = List.copyOf(against);
  }
}
