package org.evenlobe.core.check;

import static org.evenlobe.core.check.Clause.when;
import static org.evenlobe.core.check.Condition.atLeast;
import static org.evenlobe.core.check.Condition.has;
import static org.evenlobe.core.check.Condition.is;
import static org.evenlobe.core.check.Sign.BALANCE_LOSS;
import static org.evenlobe.core.check.Sign.BLOW_TO_HEAD;
import static org.evenlobe.core.check.Sign.CUT;
import static org.evenlobe.core.check.Sign.DEAF;
import static org.evenlobe.core.check.Sign.DISCHARGE;
import static org.evenlobe.core.check.Sign.EYES_FLICKING;
import static org.evenlobe.core.check.Sign.FACE_DROOPING;
import static org.evenlobe.core.check.Sign.FLAP_BALLOONED;
import static org.evenlobe.core.check.Sign.FOREIGN_BODY;
import static org.evenlobe.core.check.Sign.HEAD_TILT;
import static org.evenlobe.core.check.Sign.ITCH;
import static org.evenlobe.core.check.Sign.KIND;
import static org.evenlobe.core.check.Sign.ODOUR;
import static org.evenlobe.core.check.Sign.PAIN;
import static org.evenlobe.core.check.Sign.REDNESS;
import static org.evenlobe.core.check.Sign.SCORE;
import static org.evenlobe.core.check.Sign.SHAKES_SUDDENLY;
import static org.evenlobe.core.check.Sign.SORES;
import static org.evenlobe.core.check.Sign.SWELLING;
import static org.evenlobe.core.check.Sign.THINGS;
import static org.evenlobe.core.check.Sign.TICK_LIFTED;
import static org.evenlobe.core.check.Sign.TICK_STUCK;
import static org.evenlobe.core.check.Sign.UNSEEN;
import static org.evenlobe.core.check.Sign.UNWELL;
import static org.evenlobe.core.check.Verdict.CAUTION;
import static org.evenlobe.core.check.Verdict.CLEAN;
import static org.evenlobe.core.check.Verdict.LEAVE;
import static org.evenlobe.core.check.Verdict.NOT_SEEN;
import static org.evenlobe.core.check.Verdict.STOP;
import static org.evenlobe.core.check.Verdict.URGENT;
import static org.evenlobe.core.record.DischargeKind.BLACK;
import static org.evenlobe.core.record.DischargeKind.BLOODY;
import static org.evenlobe.core.record.DischargeKind.BROWN;
import static org.evenlobe.core.record.DischargeKind.COFFEE_GROUNDS;
import static org.evenlobe.core.record.DischargeKind.GREEN;
import static org.evenlobe.core.record.DischargeKind.TAN_WAX;
import static org.evenlobe.core.record.DischargeKind.WATERY;
import static org.evenlobe.core.record.DischargeKind.YELLOW;
import static org.evenlobe.core.record.Grade.MODERATE;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.check.Clause.Given;
import org.evenlobe.core.check.VerdictRule.Origin;
import org.evenlobe.core.record.Alarming;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Odour;
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
          dog(Rule.CHECK_TILT, HEAD_TILT, "The head is tilted to one side."),
          dog(Rule.CHECK_BALANCE, BALANCE_LOSS, "It loses its balance or circles."),
          dog(Rule.CHECK_EYES, EYES_FLICKING, "Its eyes flick to and fro."),
          dog(Rule.CHECK_FACE, FACE_DROOPING, "Its face droops on one side."),
          dog(
              Rule.CHECK_SUDDEN_SHAKING,
              SHAKES_SUDDENLY,
              "Violent head shaking that began suddenly: something may be stuck."),
          urgent(Rule.CHECK_BLOOD, when(kind(BLOODY)), "The discharge is bloody, {DISCHARGE}."),
          urgent(Rule.CHECK_FLAP, when(has(FLAP_BALLOONED)), "The flap has filled like a cushion."),
          urgent(Rule.CHECK_PAIN, when(is(PAIN, 3)), "Pain, {PAIN}."),
          urgent(
              Rule.CHECK_FOREIGN_BODY, when(has(FOREIGN_BODY)), "Something is stuck in the ear."),
          new VerdictRule(
              URGENT,
              Rule.CHECK_HEARING_LOST,
              Origin.EAR,
              when(has(DEAF)),
              before -> before.deafAtLastTry() && before.heardBefore(),
              "It did not turn to sounds on this side at two checks running, and did before.",
              VET_TODAY),
          new VerdictRule(
              URGENT,
              Rule.CHECK_UNWELL,
              Origin.EAR,
              when(has(UNWELL), atLeast(SCORE, UNWELL_SCORE)).with(Given.OWN_SIGN),
              VerdictRule::always,
              "Off its food or feverish, with an ear score of {SCORE}.",
              VET_TODAY),
          new VerdictRule(
              URGENT,
              Rule.CHECK_UNWELL,
              Origin.EAR,
              when(has(UNWELL), has(UNSEEN)).with(Given.OWN_SIGN),
              VerdictRule::always,
              "Off its food or feverish, and this ear, which nobody could look into, asks for caution.",
              VET_TODAY),
          new VerdictRule(
              URGENT,
              Rule.CHECK_BLOW,
              Origin.EAR,
              new Clause(
                  List.of(has(BLOW_TO_HEAD)),
                  List.of(
                      has(SCORE),
                      has(PAIN),
                      has(ITCH),
                      odour(Odour.SWEET),
                      has(DEAF),
                      has(THINGS),
                      has(UNSEEN)),
                  Given.NOTHING),
              VerdictRule::always,
              "A recent blow to the head, and this ear shows signs.",
              VET_TODAY),
          stop(Rule.CHECK_SORES, when(atLeast(SORES, 2)), "Sores, {SORES}."),
          stop(Rule.CHECK_SWELLING, when(atLeast(SWELLING, 2)), "Swelling, {SWELLING}."),
          stop(Rule.CHECK_REDNESS, when(is(REDNESS, 3)), "Redness, {REDNESS}."),
          stop(
              Rule.CHECK_PUS,
              when(new Condition(KIND, YELLOW.number(), GREEN.number())),
              "The discharge is {KIND}, {DISCHARGE}."),
          stop(Rule.CHECK_ODOUR, when(odour(Odour.FOUL)), "The odour is foul."),
          stop(Rule.CHECK_PAIN, when(is(PAIN, 2)), "Pain, {PAIN}."),
          stop(
              Rule.CHECK_COFFEE_GROUNDS,
              when(kind(COFFEE_GROUNDS), atLeast(DISCHARGE, 2)),
              "Dark specks like coffee grounds, {DISCHARGE}."),
          stop(
              Rule.CHECK_COFFEE_GROUNDS,
              when(kind(COFFEE_GROUNDS), atLeast(ITCH, 2)),
              "Dark specks like coffee grounds, with itch, {ITCH}."),
          new VerdictRule(
              STOP,
              Rule.CHECK_TICK,
              Origin.EAR,
              when(has(TICK_STUCK)),
              VerdictRule::always,
              "A tick that cannot be lifted off.",
              "Leave the tick to the vet, and pour nothing in."),
          new VerdictRule(
              STOP,
              Rule.CHECK_EARDRUM,
              Origin.VET,
              when(),
              before -> before.eardrum() == EardrumKnown.NOT_INTACT,
              "The eardrum was seen not intact.",
              "Pour nothing in until a vet has seen it whole."),
          new VerdictRule(
              STOP,
              Rule.CHECK_VET_HOLD,
              Origin.VET,
              when(),
              EarBackground::heldByVet,
              "Your vet said to leave this ear alone.",
              "Clean it again when your vet says so."),
          caution(Rule.CHECK_REDNESS, when(is(REDNESS, 2)), "Redness, {REDNESS}."),
          caution(Rule.CHECK_SWELLING, when(is(SWELLING, 1)), "Swelling, {SWELLING}."),
          caution(Rule.CHECK_SORES, when(is(SORES, 1)), "Sores, {SORES}."),
          caution(Rule.CHECK_PAIN, when(is(PAIN, 1)), "Pain, {PAIN}."),
          caution(Rule.CHECK_ODOUR, when(is(ODOUR, Odour.SWEET.number())), "The odour is sweet."),
          caution(
              Rule.CHECK_BLACK,
              when(kind(BLACK), atLeast(DISCHARGE, 2)),
              "The discharge is black, {DISCHARGE}."),
          caution(
              Rule.CHECK_BROWN,
              when(kind(BROWN), atLeast(DISCHARGE, 2), atLeast(REDNESS, 1)),
              "Brown discharge, {DISCHARGE}, with redness {REDNESS}."),
          caution(Rule.CHECK_WATERY, when(kind(WATERY)), "The discharge is watery, {DISCHARGE}."),
          caution(
              Rule.CHECK_COFFEE_GROUNDS,
              when(kind(COFFEE_GROUNDS)),
              "Dark specks like coffee grounds."),
          caution(Rule.CHECK_ITCH, when(is(ITCH, 3)), "Itch, {ITCH}."),
          new VerdictRule(
              CAUTION,
              Rule.CHECK_ITCH,
              Origin.EAR,
              when(is(ITCH, 2)),
              before -> before.toleratedItch().compareTo(MODERATE) < 0,
              "Itch, {ITCH}, more than is normal for this ear.",
              WIPE_ONLY),
          caution(
              Rule.CHECK_SCORE,
              when(atLeast(SCORE, CAUTION_SCORE)),
              "The ear score is {SCORE}; 4 or more asks for caution."),
          caution(Rule.CHECK_TICK, when(has(TICK_LIFTED)), "A tick sat here and was lifted off."),
          caution(Rule.CHECK_CUT, when(has(CUT)), "A cut or a bite."),
          caution(Rule.CHECK_HEARING, when(has(DEAF)), "It did not turn to a sound on this side."),
          unseen(),
          new VerdictRule(
              CLEAN,
              Rule.CHECK_WAX,
              Origin.EAR,
              when(new Condition(KIND, TAN_WAX.number(), BROWN.number()), atLeast(DISCHARGE, 2)),
              VerdictRule::always,
              "Plain {KIND}, {DISCHARGE}.",
              "Cleaning is worth it, today or tomorrow."));

  private static final VerdictRule QUIET =
      new VerdictRule(
          LEAVE,
          Rule.CHECK_QUIET,
          Origin.EAR,
          when(),
          VerdictRule::always,
          "Nothing speaks for doing anything.",
          "Leave it alone.");

  private VerdictTable() {}

  private static final List<VerdictRule> SIGN_RULES =
      RULES.stream().filter(VerdictRule::isSign).toList();

  private static final List<VerdictRule> OTHER_RULES =
      RULES.stream().filter(rule -> !rule.isSign()).toList();

  private static final List<VerdictRule> EAR_RULES =
      RULES.stream().filter(rule -> rule.origin() == Origin.EAR).toList();

  /** The ear's own signs that another line asks for: that line is none of them. */
  private static final List<VerdictRule> GIVEN_RULES =
      EAR_RULES.stream().filter(rule -> rule.when().given() == Given.NOTHING).toList();

  private static final List<VerdictRule> URGENT_RULES =
      SIGN_RULES.stream().filter(rule -> rule.verdict() == URGENT).toList();

  private static final List<VerdictRule> SPARED_RULES =
      SIGN_RULES.stream().filter(rule -> rule.origin() == Origin.DOG).toList();

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

  /** Whether one of the ear's own signs asks for caution or worse. */
  static boolean hasOwnSign(EarSigns signs) {
    return first(signs, GIVEN_RULES).atLeast(CAUTION);
  }

  /**
   * Whether an ear under an order shows a sign of STOP or worse that its vet did not see: such a
   * sign lapses what is known of its eardrum.
   */
  public static boolean isSevereAnew(EarSigns signs) {
    Optional<EarSigns> reference = signs.before().cover().map(Cover::reference);
    return notSpared(signs, SIGN_RULES).stream()
        .filter(rule -> rule.verdict().atLeast(STOP))
        .anyMatch(rule -> rule.holds(signs) && reference.filter(rule::holds).isEmpty());
  }

  /**
   * The sign verdict that counts once no order covers the ear: without what a vet saw of the whole
   * dog with the other one.
   */
  public static Verdict countingVerdict(EarSigns signs) {
    return signs.before().cover().isPresent()
        ? signVerdict(signs)
        : first(signs, notSpared(signs, SIGN_RULES));
  }

  /**
   * The verdict that opens a hold: of what an order covers, by what is worse; else by its signs,
   * without those of the whole dog that a vet saw.
   */
  public static Verdict openingVerdict(EarSigns signs) {
    return signs
        .before()
        .cover()
        .map(cover -> CoveredVerdict.opening(signs, cover))
        .orElseGet(() -> first(signs, notSpared(signs, SIGN_RULES)));
  }

  /** Whether an ear is URGENT by its own signs, beyond what an order covers. */
  public static boolean isUrgentByItself(EarSigns signs) {
    return isUrgent(signs, Origin.EAR);
  }

  /** Whether the whole dog is URGENT, beyond what an order covers. */
  public static boolean isUrgentAsADog(EarSigns signs) {
    return isUrgent(signs, Origin.DOG);
  }

  private static boolean isUrgent(EarSigns signs, Origin origin) {
    Optional<Cover> cover = signs.before().cover();
    List<VerdictRule> rules =
        cover
            .map(one -> CoveredVerdict.uncoveredUrgent(one))
            .orElseGet(() -> notSpared(signs, URGENT_RULES));
    return rules.stream()
        .filter(rule -> rule.origin() == origin)
        .anyMatch(rule -> rule.holds(signs));
  }

  /**
   * Whether the dog shows a sign from beyond the eardrum that no vet saw: its head tilts, it loses
   * its balance, its eyes flick or its face droops.
   */
  public static boolean isVestibular(EarSigns signs) {
    Set<Rule> known = EnumSet.noneOf(Rule.class);
    known.addAll(signs.before().spared());
    signs.before().cover().ifPresent(cover -> known.addAll(cover.excused()));
    return SPARED_RULES.stream()
        .filter(rule -> rule.rule() != Rule.CHECK_SUDDEN_SHAKING)
        .anyMatch(rule -> rule.holds(signs) && !known.contains(rule.rule()));
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

  /** Of what a cover excuses, the signs of the whole dog: they are covered in both ears. */
  public static Set<Rule> ofTheDog(Set<Rule> excused) {
    Set<Rule> seen = EnumSet.noneOf(Rule.class);
    for (VerdictRule rule : SPARED_RULES) {
      if (excused.contains(rule.rule())) {
        seen.add(rule.rule());
      }
    }
    return seen;
  }

  /** What asks for the vet today, of what an ear showed: the rules that say so. */
  public static Set<Rule> urgentOf(EarSigns shown) {
    Set<Rule> urgent = EnumSet.noneOf(Rule.class);
    for (VerdictRule rule : URGENT_RULES) {
      if (rule.holds(shown)) {
        urgent.add(rule.rule());
      }
    }
    return urgent;
  }

  /** What a call may excuse of what asks for the vet today: what was named to the vet. */
  public static Set<Rule> urgentOf(Set<Alarming> named) {
    Set<Rule> urgent = EnumSet.noneOf(Rule.class);
    for (Alarming one : named) {
      urgent.add(
          switch (one) {
            case BLOOD -> Rule.CHECK_BLOOD;
            case FLAP -> Rule.CHECK_FLAP;
            case PAIN -> Rule.CHECK_PAIN;
            case FOREIGN_BODY -> Rule.CHECK_FOREIGN_BODY;
            case SHAKING -> Rule.CHECK_SUDDEN_SHAKING;
            case HEARING -> Rule.CHECK_HEARING_LOST;
            case UNWELL -> Rule.CHECK_UNWELL;
            case BLOW -> Rule.CHECK_BLOW;
          });
    }
    return urgent;
  }

  /** Every reason that holds, the worst first; never empty. */
  public static List<VerdictReason> reasons(EarSigns signs) {
    Optional<Cover> cover = signs.before().cover();
    if (cover.isPresent()) {
      return CoveredVerdict.reasons(signs, cover.get());
    }
    List<VerdictReason> reasons = new ArrayList<>();
    for (VerdictRule rule : notSpared(signs, RULES)) {
      if (rule.holds(signs) && (rule.verdict() != CLEAN || reasons.isEmpty())) {
        reasons.add(rule.reason(signs));
      }
    }
    return reasons.isEmpty() ? List.of(QUIET.reason(signs)) : List.copyOf(reasons);
  }

  static List<VerdictRule> urgentRules() {
    return URGENT_RULES;
  }

  /** The lines that stand for an ear of which that is known, the worst first. */
  static List<VerdictRule> lines(EarBackground before) {
    return before
        .cover()
        .map(cover -> CoveredVerdict.lines(before, cover))
        .orElseGet(() -> RULES)
        .stream()
        .filter(rule -> rule.stands().test(before))
        .filter(rule -> before.cover().isPresent() || !before.spared().contains(rule.rule()))
        .toList();
  }

  /** The lines of signs that ask for caution or worse, by whose sign they are. */
  static List<VerdictRule> cautions(EarBackground before, boolean own) {
    return (own ? GIVEN_RULES : SIGN_RULES)
        .stream()
            .filter(rule -> rule.verdict().atLeast(CAUTION))
            .filter(rule -> rule.stands().test(before))
            .toList();
  }

  private static List<VerdictRule> notSpared(EarSigns signs, List<VerdictRule> rules) {
    Set<Rule> spared = signs.before().spared();
    return spared.isEmpty()
        ? rules
        : rules.stream().filter(rule -> !spared.contains(rule.rule())).toList();
  }

  private static Verdict first(EarSigns signs, List<VerdictRule> rules) {
    for (VerdictRule rule : rules) {
      if (rule.holds(signs)) {
        return rule.verdict();
      }
    }
    return LEAVE;
  }

  /** Of an ear that nobody saw, where what is known asks for no more. */
  static VerdictRule unseen() {
    return new VerdictRule(
        NOT_SEEN,
        Rule.CHECK_NOT_SEEN,
        Origin.VET,
        when(has(UNSEEN)),
        VerdictRule::always,
        "Nobody could look into this ear.",
        "Put nothing in, and do not wipe it, until somebody has looked. Practise, and try again with"
            + " a helper.");
  }

  /** The lines of signs, for an ear that an order covers and that nobody saw. */
  static List<VerdictRule> ofUnseen() {
    return SIGN_RULES.stream()
        .filter(rule -> rule.verdict().atLeast(CAUTION))
        .map(rule -> rule.given(has(UNSEEN)))
        .toList();
  }

  private static VerdictRule dog(Rule rule, Sign sign, String sentence) {
    return new VerdictRule(
        URGENT, rule, Origin.DOG, when(has(sign)), VerdictRule::always, sentence, VET_TODAY);
  }

  private static VerdictRule urgent(Rule rule, Clause clause, String sentence) {
    return new VerdictRule(
        URGENT, rule, Origin.EAR, clause, VerdictRule::always, sentence, VET_TODAY);
  }

  private static VerdictRule stop(Rule rule, Clause clause, String sentence) {
    return new VerdictRule(
        STOP, rule, Origin.EAR, clause, VerdictRule::always, sentence, NO_LIQUID);
  }

  private static VerdictRule caution(Rule rule, Clause clause, String sentence) {
    return new VerdictRule(
        CAUTION, rule, Origin.EAR, clause, VerdictRule::always, sentence, WIPE_ONLY);
  }

  private static Condition kind(DischargeKind kind) {
    return is(KIND, kind.number());
  }

  private static Condition odour(Odour least) {
    return atLeast(ODOUR, least.number());
  }
}
