package org.evenlobe.core.check;

import static org.evenlobe.core.check.Verdict.CAUTION;
import static org.evenlobe.core.check.Verdict.CLEAN;
import static org.evenlobe.core.check.Verdict.LEAVE;
import static org.evenlobe.core.check.Verdict.STOP;
import static org.evenlobe.core.check.Verdict.URGENT;
import static org.evenlobe.core.record.DischargeKind.BLACK;
import static org.evenlobe.core.record.DischargeKind.BLOODY;
import static org.evenlobe.core.record.DischargeKind.BROWN;
import static org.evenlobe.core.record.DischargeKind.COFFEE_GROUNDS;
import static org.evenlobe.core.record.DischargeKind.GREEN;
import static org.evenlobe.core.record.DischargeKind.WATERY;
import static org.evenlobe.core.record.DischargeKind.YELLOW;
import static org.evenlobe.core.record.Grade.MILD;
import static org.evenlobe.core.record.Grade.MODERATE;
import static org.evenlobe.core.record.Grade.SEVERE;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.evenlobe.core.check.VerdictRule.Origin;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.rule.Rule;

/**
 * The verdict of an ear: the worst line of this table that holds.
 *
 * <p>Two laws hold over all inputs: making any sign worse never gives a milder verdict, and
 * swapping the ears swaps the answers. For example brown discharge of grade 2 with redness 1 is
 * CAUTION; without redness it is CLEAN, a mild itch or none.
 */
public final class VerdictTable {
  private static final int CAUTION_SCORE = 4;
  private static final int UNWELL_SCORE = 3;

  private static final String VET_TODAY = "Take the dog to the vet today.";
  private static final String NO_LIQUID = "Pour nothing in, and leave what is there for the vet.";
  private static final String WIPE_ONLY = "Wipe only what you can see; look again in 3 days.";

  /** From the worst verdict to the mildest, in the order in which reasons are told. */
  private static final List<VerdictRule> RULES =
      List.of(
          dog(Rule.CHECK_TILT, s -> s.dog().headTilt(), "The head is tilted to one side."),
          dog(Rule.CHECK_BALANCE, s -> s.dog().balanceLoss(), "It loses its balance or circles."),
          dog(Rule.CHECK_EYES, s -> s.dog().eyesFlicking(), "Its eyes flick to and fro."),
          dog(Rule.CHECK_FACE, s -> s.dog().faceDrooping(), "Its face droops on one side."),
          dog(
              Rule.CHECK_SUDDEN_SHAKING,
              s -> s.dog().shakesSuddenly(),
              "Violent head shaking that began suddenly: something may be stuck."),
          urgent(
              Rule.CHECK_BLOOD,
              s -> s.ear().dischargeKind() == BLOODY,
              s -> "The discharge is bloody, " + grade(s.ear().discharge()) + "."),
          urgent(
              Rule.CHECK_FLAP,
              s -> s.ear().has(SeenThing.FLAP_BALLOONED),
              s -> "The flap has filled like a cushion."),
          urgent(Rule.CHECK_PAIN, s -> s.ear().pain() == SEVERE, s -> "Pain, severe (3)."),
          urgent(
              Rule.CHECK_FOREIGN_BODY,
              s -> s.ear().has(SeenThing.FOREIGN_BODY),
              s -> "Something is stuck in the ear."),
          urgent(
              Rule.CHECK_HEARING_LOST,
              s -> s.isDeaf() && s.before().deafAtLastTry() && s.before().heardBefore(),
              s -> "It did not turn to sounds on this side at two checks running, and did before."),
          new VerdictRule(
              URGENT,
              Rule.CHECK_UNWELL,
              Origin.DOG,
              s ->
                  s.dog().unwell()
                      && s.ear().score() >= UNWELL_SCORE
                      && ownVerdict(s).atLeast(CAUTION),
              s -> "Off its food or feverish, with an ear score of " + s.ear().score() + ".",
              VET_TODAY),
          new VerdictRule(
              URGENT,
              Rule.CHECK_BLOW,
              Origin.DOG,
              s -> s.dog().blowToHead() && s.showsAnything(),
              s -> "A recent blow to the head, and this ear shows signs.",
              VET_TODAY),
          stop(
              Rule.CHECK_SORES,
              s -> s.ear().sores().atLeast(MODERATE),
              s -> "Sores, " + grade(s.ear().sores()) + "."),
          stop(
              Rule.CHECK_SWELLING,
              s -> s.ear().swelling().atLeast(MODERATE),
              s -> "Swelling, " + grade(s.ear().swelling()) + "."),
          stop(Rule.CHECK_REDNESS, s -> s.ear().redness() == SEVERE, s -> "Redness, severe (3)."),
          stop(
              Rule.CHECK_PUS,
              s -> s.ear().dischargeKind() == YELLOW || s.ear().dischargeKind() == GREEN,
              s ->
                  "The discharge is "
                      + s.ear().dischargeKind().words()
                      + ", "
                      + grade(s.ear().discharge())
                      + "."),
          stop(Rule.CHECK_ODOUR, s -> s.ear().odour() == Odour.FOUL, s -> "The odour is foul."),
          stop(Rule.CHECK_PAIN, s -> s.ear().pain() == MODERATE, s -> "Pain, moderate (2)."),
          stop(
              Rule.CHECK_COFFEE_GROUNDS,
              s -> s.discharges(MODERATE, COFFEE_GROUNDS),
              s -> "Dark specks like coffee grounds, " + grade(s.ear().discharge()) + "."),
          stop(
              Rule.CHECK_COFFEE_GROUNDS,
              s -> s.discharges(MILD, COFFEE_GROUNDS) && s.itch().atLeast(MODERATE),
              s -> "Dark specks like coffee grounds, with itch, " + grade(s.itch()) + "."),
          new VerdictRule(
              STOP,
              Rule.CHECK_TICK,
              Origin.EAR,
              s -> s.ear().has(SeenThing.TICK_STUCK),
              s -> "A tick that cannot be lifted off.",
              "Leave the tick to the vet, and pour nothing in."),
          new VerdictRule(
              STOP,
              Rule.CHECK_EARDRUM,
              Origin.VET,
              s -> s.before().eardrum() == EardrumKnown.NOT_INTACT,
              s -> "The eardrum was seen not intact.",
              "Pour nothing in until a vet has seen it whole."),
          new VerdictRule(
              STOP,
              Rule.CHECK_VET_HOLD,
              Origin.VET,
              s -> s.before().heldByVet(),
              s -> "Your vet said to leave this ear alone.",
              "Clean it again when your vet says so."),
          caution(
              Rule.CHECK_REDNESS,
              s -> s.ear().redness() == MODERATE,
              s -> "Redness, moderate (2)."),
          caution(Rule.CHECK_SWELLING, s -> s.ear().swelling() == MILD, s -> "Swelling, mild (1)."),
          caution(Rule.CHECK_SORES, s -> s.ear().sores() == MILD, s -> "Sores, mild (1)."),
          caution(Rule.CHECK_PAIN, s -> s.ear().pain() == MILD, s -> "Pain, mild (1)."),
          caution(
              Rule.CHECK_ODOUR, s -> s.ear().odour() == Odour.SWEET, s -> "The odour is sweet."),
          caution(
              Rule.CHECK_BLACK,
              s -> s.discharges(MODERATE, BLACK),
              s -> "The discharge is black, " + grade(s.ear().discharge()) + "."),
          caution(
              Rule.CHECK_BROWN,
              s -> s.discharges(MODERATE, BROWN) && s.ear().redness().atLeast(MILD),
              s ->
                  "Brown discharge, "
                      + grade(s.ear().discharge())
                      + ", with redness "
                      + grade(s.ear().redness())
                      + "."),
          caution(
              Rule.CHECK_WATERY,
              s -> s.ear().dischargeKind() == WATERY,
              s -> "The discharge is watery, " + grade(s.ear().discharge()) + "."),
          caution(
              Rule.CHECK_COFFEE_GROUNDS,
              s -> s.ear().dischargeKind() == COFFEE_GROUNDS,
              s -> "Dark specks like coffee grounds."),
          caution(Rule.CHECK_ITCH, s -> s.itch() == SEVERE, s -> "Itch, severe (3)."),
          caution(
              Rule.CHECK_ITCH,
              s -> s.itch() == MODERATE && s.itches(MODERATE),
              s -> "Itch, moderate (2), more than is normal for this ear."),
          caution(
              Rule.CHECK_SCORE,
              s -> s.ear().score() >= CAUTION_SCORE,
              s -> "The ear score is " + s.ear().score() + "; 4 or more asks for caution."),
          caution(
              Rule.CHECK_TICK,
              s -> s.ear().has(SeenThing.TICK_LIFTED),
              s -> "A tick sat here and was lifted off."),
          caution(Rule.CHECK_CUT, s -> s.ear().has(SeenThing.CUT), s -> "A cut or a bite."),
          caution(
              Rule.CHECK_HEARING,
              EarSigns::isDeaf,
              s -> "It did not turn to a sound on this side."),
          new VerdictRule(
              CLEAN,
              Rule.CHECK_WAX,
              Origin.EAR,
              s -> s.ear().dischargeKind().isWax() && s.ear().discharge().atLeast(MODERATE),
              s ->
                  "Plain "
                      + s.ear().dischargeKind().words()
                      + ", "
                      + grade(s.ear().discharge())
                      + ".",
              "Cleaning is worth it, today or tomorrow."));

  private static final VerdictRule QUIET =
      new VerdictRule(
          LEAVE,
          Rule.CHECK_QUIET,
          Origin.EAR,
          s -> true,
          s -> "Nothing speaks for doing anything.",
          "Leave it alone.");

  private VerdictTable() {}

  private static final List<VerdictRule> SIGN_RULES =
      RULES.stream().filter(VerdictRule::isSign).toList();

  private static final List<VerdictRule> OTHER_RULES =
      RULES.stream().filter(rule -> !rule.isSign()).toList();

  private static final List<VerdictRule> EAR_RULES =
      RULES.stream().filter(rule -> rule.origin() == Origin.EAR).toList();

  private static final List<VerdictRule> URGENT_RULES =
      SIGN_RULES.stream().filter(rule -> rule.verdict() == URGENT).toList();

  private static final List<VerdictRule> SPARED_RULES =
      SIGN_RULES.stream()
          .filter(rule -> rule.origin() == Origin.DOG)
          .filter(rule -> rule.rule() != Rule.CHECK_UNWELL && rule.rule() != Rule.CHECK_BLOW)
          .toList();

  private static final List<VerdictRule> LASTING_RULES =
      EAR_RULES.stream()
          .filter(rule -> rule.verdict().atLeast(CAUTION))
          .filter(rule -> rule.rule() != Rule.CHECK_ITCH)
          .filter(rule -> rule.rule() != Rule.CHECK_TICK || rule.verdict() == STOP)
          .toList();

  /** The verdict of an ear: by a vet's order where that covers its signs. */
  public static Verdict verdict(EarSigns signs) {
    return verdict(signs, signVerdict(signs));
  }

  /** The same where its sign verdict is at hand. */
  public static Verdict verdict(EarSigns signs, Verdict bySign) {
    Optional<Cover> cover = signs.before().cover();
    if (cover.isPresent()) {
      return CoveredVerdict.reasons(signs, cover.get()).get(0).verdict();
    }
    Verdict sign =
        signs.before().spared().isEmpty() ? bySign : first(signs, notSpared(signs, SIGN_RULES));
    return sign.or(first(signs, OTHER_RULES));
  }

  /** The verdict without the eardrum, without a vet's hold and without an order. */
  public static Verdict signVerdict(EarSigns signs) {
    return first(signs, SIGN_RULES);
  }

  /** The sign verdict by the ear's own signs, not by those of the whole dog. */
  public static Verdict ownVerdict(EarSigns signs) {
    return first(signs, EAR_RULES);
  }

  /**
   * The verdict that opens a hold: of what an order covers, by what is worse; else by its signs,
   * without those of the whole dog that a vet saw.
   */
  public static Verdict openingVerdict(EarSigns signs) {
    return signs.before().cover().isPresent()
        ? verdict(signs, LEAVE)
        : first(signs, notSpared(signs, SIGN_RULES));
  }

  /**
   * Whether the dog shows a sign from beyond the eardrum that no vet saw: its head tilts, it loses
   * its balance, its eyes flick or its face droops.
   */
  public static boolean isVestibular(EarSigns signs) {
    Set<Rule> known = EnumSet.noneOf(Rule.class);
    known.addAll(signs.before().spared());
    signs
        .before()
        .cover()
        .filter(Cover::excusesUrgent)
        .ifPresent(cover -> known.addAll(seenOfTheDog(cover.reference())));
    return SPARED_RULES.stream()
        .filter(rule -> rule.rule() != Rule.CHECK_SUDDEN_SHAKING)
        .anyMatch(rule -> rule.holds().test(signs) && !known.contains(rule.rule()));
  }

  /** Whether the ear asks for caution by more than itch and a tick that was lifted off. */
  public static boolean isLasting(EarSigns signs) {
    return first(signs, LASTING_RULES) != LEAVE;
  }

  /** Whether an ear under an order is no better than the vet saw it. */
  public static boolean isNoBetter(EarSigns signs) {
    return signs
        .before()
        .cover()
        .filter(cover -> CoveredVerdict.isNoBetter(signs, cover))
        .isPresent();
  }

  /** The signs of the whole dog that a vet saw, where the reference had them. */
  public static Set<Rule> seenOfTheDog(EarSigns reference) {
    Set<Rule> seen = EnumSet.noneOf(Rule.class);
    for (VerdictRule rule : SPARED_RULES) {
      if (rule.holds().test(reference)) {
        seen.add(rule.rule());
      }
    }
    return seen;
  }

  /** Every reason that holds, the worst first; never empty. */
  public static List<VerdictReason> reasons(EarSigns signs) {
    Optional<Cover> cover = signs.before().cover();
    if (cover.isPresent()) {
      return CoveredVerdict.reasons(signs, cover.get());
    }
    List<VerdictReason> reasons = new ArrayList<>();
    for (VerdictRule rule : notSpared(signs, RULES)) {
      if (rule.holds().test(signs) && (rule.verdict() != CLEAN || reasons.isEmpty())) {
        reasons.add(rule.reason(signs));
      }
    }
    return reasons.isEmpty() ? List.of(QUIET.reason(signs)) : List.copyOf(reasons);
  }

  static List<VerdictRule> urgentRules() {
    return URGENT_RULES;
  }

  private static List<VerdictRule> notSpared(EarSigns signs, List<VerdictRule> rules) {
    Set<Rule> spared = signs.before().spared();
    return spared.isEmpty()
        ? rules
        : rules.stream().filter(rule -> !spared.contains(rule.rule())).toList();
  }

  private static Verdict first(EarSigns signs, List<VerdictRule> rules) {
    for (VerdictRule rule : rules) {
      if (rule.holds().test(signs)) {
        return rule.verdict();
      }
    }
    return LEAVE;
  }

  private static VerdictRule dog(Rule rule, Predicate<EarSigns> holds, String sentence) {
    return new VerdictRule(URGENT, rule, Origin.DOG, holds, s -> sentence, VET_TODAY);
  }

  private static VerdictRule urgent(
      Rule rule, Predicate<EarSigns> holds, Function<EarSigns, String> sentence) {
    return new VerdictRule(URGENT, rule, Origin.EAR, holds, sentence, VET_TODAY);
  }

  private static VerdictRule stop(
      Rule rule, Predicate<EarSigns> holds, Function<EarSigns, String> sentence) {
    return new VerdictRule(STOP, rule, Origin.EAR, holds, sentence, NO_LIQUID);
  }

  private static VerdictRule caution(
      Rule rule, Predicate<EarSigns> holds, Function<EarSigns, String> sentence) {
    return new VerdictRule(CAUTION, rule, Origin.EAR, holds, sentence, WIPE_ONLY);
  }

  private static String grade(Grade grade) {
    return grade.words() + " (" + grade.number() + ")";
  }
}
