package org.evenlobe.core.check;

import java.util.function.Function;
import java.util.function.Predicate;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * One line of the verdict table: a sign that, where it holds, makes the verdict at least that bad.
 *
 * @param verdict the verdict it leads to
 * @param rule its rule
 * @param origin whose sign it is
 * @param holds when it holds
 * @param sentence what was seen, in words
 * @param toDo what to do about it
 */
record VerdictRule(
    Verdict verdict,
    Rule rule,
    Origin origin,
    Predicate<EarSigns> holds,
    Function<EarSigns, String> sentence,
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

  boolean isSign() {
    return origin != Origin.VET;
  }

  VerdictReason reason(EarSigns signs) {
    return new VerdictReason(verdict, Reason.of(rule, sentence.apply(signs)), toDo);
  }
}
