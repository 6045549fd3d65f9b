package org.evenlobe.core.check;

import static org.evenlobe.core.check.Condition.atLeast;
import static org.evenlobe.core.check.Condition.has;
import static org.evenlobe.core.check.Condition.is;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.evenlobe.core.check.Clause.Given;
import org.evenlobe.core.check.VerdictRule.Origin;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;
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
  private static final Map<SeenThing, Sign> NEW_THINGS =
      new EnumMap<>(
          Map.of(
              SeenThing.TICK_LIFTED, Sign.TICK_LIFTED,
              SeenThing.CUT, Sign.CUT,
              SeenThing.FLAP_BALLOONED, Sign.FLAP_BALLOONED,
              SeenThing.FOREIGN_BODY, Sign.FOREIGN_BODY,
              SeenThing.TICK_STUCK, Sign.TICK_STUCK));

  private static final Set<DischargeKind> KINDS =
      EnumSet.range(DischargeKind.BLACK, DischargeKind.BLOODY);

  private static final VerdictRule ORDERED =
      new VerdictRule(
          Verdict.CLEAN,
          Rule.CHECK_ORDER,
          Origin.VET,
          Clause.when(),
          VerdictRule::always,
          "Your vet has seen this ear and ordered how to clean it; it is no worse than then.",
          "Clean it as your vet ordered.");

  private final EarBackground before;
  private final Cover cover;
  private final EarSigns reference;
  private final List<VerdictRule> lines = new ArrayList<>();

  private CoveredVerdict(EarBackground before, Cover cover) {
    this.before = before;
    this.cover = cover;
    this.reference = cover.reference();
  }

  /** The table that such an ear is judged by, the worst line first; the last always holds. */
  static List<VerdictRule> lines(EarBackground before, Cover cover) {
    List<VerdictRule> lines = new ArrayList<>(openingLines(before, cover));
    lines.addAll(VerdictTable.ofUnseen());
    lines.add(VerdictTable.unseen());
    lines.add(ORDERED);
    // what is of the same verdict stays in the order in which reasons are told
    lines.sort(Comparator.comparing(VerdictRule::verdict).reversed());
    return List.copyOf(lines);
  }

  private static List<VerdictRule> openingLines(EarBackground before, Cover cover) {
    CoveredVerdict verdict = new CoveredVerdict(before, cover);
    verdict.urgent();
    verdict.stop();
    verdict.worse();
    return verdict.lines;
  }

  /** The verdict that opens a hold: by what the order does not cover. */
  static Verdict opening(EarSigns signs, Cover cover) {
    return openingLines(signs.before(), cover).stream()
        .filter(line -> line.holds(signs))
        .map(VerdictRule::verdict)
        .reduce(Verdict.CLEAN, Verdict::or);
  }

  /** Every reason that holds, the worst first; never empty. */
  static List<VerdictReason> reasons(EarSigns signs, Cover cover) {
    List<VerdictReason> reasons = new ArrayList<>();
    for (VerdictRule line : lines(signs.before(), cover)) {
      if ((line.verdict() != Verdict.CLEAN || reasons.isEmpty()) && line.holds(signs)) {
        reasons.add(line.reason(signs));
      }
    }
    return List.copyOf(reasons);
  }

  private void urgent() {
    lines.addAll(uncoveredUrgent(cover));
  }

  /** The lines that ask for the vet today and that a cover does not excuse. */
  static List<VerdictRule> uncoveredUrgent(Cover cover) {
    return VerdictTable.urgentRules().stream().filter(rule -> !isExcused(cover, rule)).toList();
  }

  private static boolean isExcused(Cover cover, VerdictRule rule) {
    if (rule.rule() == Rule.CHECK_FOREIGN_BODY) {
      return cover.leftIn();
    }
    return cover.excused().contains(rule.rule());
  }

  private void stop() {
    if (before.eardrum() == EardrumKnown.NOT_INTACT && !cover.allTheSame()) {
      lines.add(
          new VerdictRule(
              Verdict.STOP,
              Rule.CHECK_EARDRUM,
              Origin.VET,
              Clause.when(),
              VerdictRule::always,
              "The eardrum was seen not intact.",
              "Pour nothing in until a vet has seen it whole, or says to clean all the same."));
    }
    if (!cover.leftIn()) {
      lines.add(
          line(
              Rule.CHECK_TICK,
              Clause.when(has(Sign.TICK_STUCK)),
              "A tick is still there, and your vet did not say to leave it in."));
    }
  }

  /** What counts as worse, where any sign asks for caution. */
  private void worse() {
    Sign score = cover.medicine() ? Sign.SCORE_BESIDE_DISCHARGE : Sign.SCORE;
    int was = score.of(reference);
    worse(
        "The ear score is " + score.placeholder() + "; it was " + was + " when the vet saw it.",
        atLeast(score, was + WORSE_BY));
    Grade hurt = reference.ear().pain();
    worse(
        "Pain, {PAIN}; it was " + hurt.words() + " (" + hurt.number() + ") when the vet saw it.",
        atLeast(Sign.PAIN, hurt.number() + 1));
    worse(
        "It has a {ODOUR} odour, which it had not when the vet saw it.",
        atLeast(Sign.ODOUR, Math.max(Odour.SWEET.number(), reference.ear().odour().number() + 1)));
    kinds();
    for (Map.Entry<SeenThing, Sign> thing : NEW_THINGS.entrySet()) {
      if (isNew(thing.getKey())) {
        worse(
            "There is " + thing.getKey().words() + ", which was not there then.",
            has(thing.getValue()));
      }
    }
    if (!reference.isDeaf()) {
      worse("It did not turn to a sound on this side.", has(Sign.DEAF));
    }
  }

  /** A tick that was seen stuck, or left in, and is lifted off is none that is new. */
  private boolean isNew(SeenThing thing) {
    boolean stuck = thing == SeenThing.FOREIGN_BODY || thing == SeenThing.TICK_STUCK;
    boolean known =
        (cover.leftIn() && (stuck || thing == SeenThing.TICK_LIFTED))
            || (thing == SeenThing.TICK_LIFTED && reference.ear().has(SeenThing.TICK_STUCK));
    return !known && !reference.ear().has(thing);
  }

  /** A kind that asks for caution by itself, further to the right than it was. */
  private void kinds() {
    DischargeKind was = reference.ear().dischargeKind();
    for (DischargeKind kind : KINDS) {
      // what is watery on the day of a cleaning may be the cleaner
      boolean asBlack =
          kind == DischargeKind.BLACK || (kind == DischargeKind.WATERY && cover.cleaned());
      DischargeKind counted = asBlack ? DischargeKind.BLACK : kind;
      if (counted.compareTo(was) > 0) {
        worse(
            "The discharge is {KIND}, which it was not when the vet saw it.",
            is(Sign.KIND, kind.number()),
            atLeast(Sign.DISCHARGE, asBlack ? Grade.MODERATE.number() : 1));
      }
    }
  }

  private void worse(String sentence, Condition... conditions) {
    lines.add(line(Rule.CHECK_WORSE, Clause.when(conditions).with(Given.ANY_SIGN), sentence));
  }

  private static VerdictRule line(Rule rule, Clause when, String sentence) {
    return new VerdictRule(
        Verdict.STOP,
        rule,
        Origin.EAR,
        when,
        VerdictRule::always,
        sentence,
        "Worse than when the vet saw it: call before you go on. Pour nothing in until then.");
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
