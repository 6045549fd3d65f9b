package org.evenlobe.core.check;

import java.util.ArrayList;
import java.util.List;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The verdict of an ear whose signs a vet's order covers (rules CHECK_ORDER, CHECK_WORSE): as the
 * vet ordered, unless it shows something urgent that it did not show then, or has become worse.
 *
 * <p>For example an ear that the vet saw with pain 1 and a score of 5: a score of 6 is cleaned as
 * ordered, a score of 7 or pain 2 asks for a call before going on.
 */
final class CoveredVerdict {
  private static final int WORSE_BY = 2;
  private static final List<SeenThing> NEW_THINGS =
      List.of(SeenThing.TICK_LIFTED, SeenThing.CUT, SeenThing.FLAP_BALLOONED);

  private final EarSigns signs;
  private final Cover cover;
  private final List<VerdictReason> reasons = new ArrayList<>();

  private CoveredVerdict(EarSigns signs, Cover cover) {
    this.signs = signs;
    this.cover = cover;
  }

  /** Every reason that holds, the worst first; never empty. */
  static List<VerdictReason> reasons(EarSigns signs, Cover cover) {
    CoveredVerdict verdict = new CoveredVerdict(signs, cover);
    verdict.urgent();
    verdict.stop();
    if (verdict.reasons.isEmpty()) {
      verdict.reasons.add(ordered());
    }
    return List.copyOf(verdict.reasons);
  }

  private void urgent() {
    for (VerdictRule rule : VerdictTable.urgentRules()) {
      if (rule.holds().test(signs) && !isExcused(rule)) {
        reasons.add(rule.reason(signs));
      }
    }
  }

  private boolean isExcused(VerdictRule rule) {
    if (rule.rule() == Rule.CHECK_FOREIGN_BODY) {
      return cover.leftIn();
    }
    return cover.excusesUrgent() && rule.holds().test(cover.reference());
  }

  private void stop() {
    if (signs.before().eardrum() == EardrumKnown.NOT_INTACT && !cover.allTheSame()) {
      reasons.add(
          new VerdictReason(
              Verdict.STOP,
              Reason.of(Rule.CHECK_EARDRUM, "The eardrum was seen not intact."),
              "Pour nothing in until a vet has seen it whole, or says to clean all the same."));
    }
    if (signs.ear().has(SeenThing.TICK_STUCK) && !cover.leftIn()) {
      worse(Rule.CHECK_TICK, "A tick is still there, and your vet did not say to leave it in.");
    }
    if (VerdictTable.signVerdict(signs).isQuiet()) {
      return;
    }
    int score = cover.scoreOf(signs);
    int was = cover.scoreOf(cover.reference());
    if (score >= was + WORSE_BY) {
      worse(
          Rule.CHECK_WORSE,
          "The ear score is %d; it was %d when the vet saw it.".formatted(score, was));
    }
    pain();
    odour();
    kind();
    things();
    if (signs.isDeaf() && !cover.reference().isDeaf()) {
      worse(Rule.CHECK_WORSE, "It did not turn to a sound on this side.");
    }
  }

  private void pain() {
    Grade is = signs.ear().pain();
    Grade was = cover.reference().ear().pain();
    if (is.compareTo(was) > 0) {
      worse(
          Rule.CHECK_WORSE,
          "Pain, %s (%d); it was %s (%d) when the vet saw it."
              .formatted(is.words(), is.number(), was.words(), was.number()));
    }
  }

  private void odour() {
    Odour is = signs.ear().odour();
    if (is.atLeast(Odour.SWEET) && is.compareTo(cover.reference().ear().odour()) > 0) {
      worse(
          Rule.CHECK_WORSE,
          "It has a %s odour, which it had not when the vet saw it.".formatted(is.words()));
    }
  }

  /** A kind that asks for caution by itself, further to the right than it was. */
  private void kind() {
    DischargeKind is = kindOf(signs);
    boolean counts =
        is.compareTo(DischargeKind.BLACK) > 0
            || (is == DischargeKind.BLACK && signs.ear().discharge().atLeast(Grade.MODERATE));
    if (counts && is.compareTo(cover.reference().ear().dischargeKind()) > 0) {
      worse(
          Rule.CHECK_WORSE,
          "The discharge is %s, which it was not when the vet saw it."
              .formatted(signs.ear().dischargeKind().words()));
    }
  }

  private DischargeKind kindOf(EarSigns of) {
    DischargeKind kind = of.ear().dischargeKind();
    return cover.cleaned() && kind == DischargeKind.WATERY ? DischargeKind.BLACK : kind;
  }

  private void things() {
    for (SeenThing thing : NEW_THINGS) {
      if (signs.ear().has(thing) && !cover.reference().ear().has(thing)) {
        worse(Rule.CHECK_WORSE, "There is %s, which was not there then.".formatted(thing.words()));
      }
    }
  }

  private void worse(Rule rule, String sentence) {
    reasons.add(
        new VerdictReason(
            Verdict.STOP,
            Reason.of(rule, sentence),
            "Worse than when the vet saw it: call before you go on. Pour nothing in until then."));
  }

  private static VerdictReason ordered() {
    return new VerdictReason(
        Verdict.CLEAN,
        Reason.of(
            Rule.CHECK_ORDER,
            "Your vet has seen this ear and ordered how to clean it; it is no worse than then."),
        "Clean it as your vet ordered.");
  }

  /** Whether an ear is no better than the vet saw it, where that showed anything. */
  static boolean isNoBetter(EarSigns signs, Cover cover) {
    int was = cover.scoreOf(cover.reference());
    Grade hurt = cover.reference().ear().pain();
    return (was > 0 || hurt != Grade.NONE)
        && cover.scoreOf(signs) >= was
        && signs.ear().pain().atLeast(hurt);
  }
}
