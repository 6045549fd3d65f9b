package org.evenlobe.core.check;

import java.util.function.Predicate;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * One line of the verdict table: a sign that, where it holds, makes the verdict at least that bad.
 *
 * @param verdict the verdict it leads to
 * @param rule its rule
 * @param origin whose sign it is
 * @param when when it holds
 * @param stands where it stands at all, by what is known of the ear from before
 * @param sentence what was seen, in words, with places for signs
 * @param toDo what to do about it
 */
record VerdictRule(
    Verdict verdict,
    Rule rule,
    Origin origin,
    Clause when,
    Predicate<EarBackground> stands,
    String sentence,
    String toDo) {

  /** Whose sign it is. */
  enum Origin {
    /** The ear's own. */
    EAR,
    /** The whole dog's. */
    DOG,
    /** No sign of this check: the eardrum, or a vet's word. */
    VET
  }

  /** That it stands whatever is known. */
  static boolean always(EarBackground before) {
    return true;
  }

  /** The same, where that is so besides. */
  VerdictRule given(Condition besides) {
    return new VerdictRule(verdict, rule, origin, when.and(besides), stands, sentence, toDo);
  }

  boolean isSign() {
    return origin != Origin.VET;
  }

  boolean holds(EarSigns signs) {
    return when.holds(signs) && stands.test(signs.before());
  }

  VerdictReason reason(EarSigns signs) {
    return new VerdictReason(verdict, Reason.of(rule, words(signs)), toDo);
  }

  private String words(EarSigns signs) {
    String words = sentence;
    for (int at = words.indexOf('{'); at >= 0; at = words.indexOf('{')) {
      String place = words.substring(at, words.indexOf('}') + 1);
      Sign sign = Sign.valueOf(place.substring(1, place.length() - 1));
      words = words.replace(place, sign.wordsOf(signs));
    }
    return words;
  }
}
