package org.evenlobe.core.check;

import static org.evenlobe.core.record.DischargeKind.BLACK;
import static org.evenlobe.core.record.DischargeKind.BROWN;
import static org.evenlobe.core.record.DischargeKind.COFFEE_GROUNDS;
import static org.evenlobe.core.record.DischargeKind.GREEN;
import static org.evenlobe.core.record.DischargeKind.TAN_WAX;
import static org.evenlobe.core.record.DischargeKind.WATERY;
import static org.evenlobe.core.record.DischargeKind.YELLOW;
import static org.evenlobe.core.record.Grade.MILD;
import static org.evenlobe.core.record.Grade.MODERATE;
import static org.evenlobe.core.record.Grade.NONE;
import static org.evenlobe.core.record.Grade.SEVERE;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Onset;

/** A sign that fits a pattern or speaks against it; what is not known holds for neither. */
enum PatternSign {
  TAN_OR_BROWN("tan or brown discharge", kind(TAN_WAX, BROWN)),
  BROWN_OR_BLACK("brown or black discharge", kind(BROWN, BLACK)),
  YELLOW_OR_WATERY("yellow or watery discharge", kind(YELLOW, WATERY)),
  YELLOW_OR_GREEN("yellow or green discharge", kind(YELLOW, GREEN)),
  DARK_SPECKS("dark specks like coffee grounds", kind(COFFEE_GROUNDS)),
  ODOUR_NONE_OR_WAXY("no odour but wax", p -> !p.finding().odour().atLeast(Odour.SWEET)),
  ODOUR_SWEET("sweet odour", p -> p.finding().odour() == Odour.SWEET),
  ODOUR_FOUL("foul odour", p -> p.finding().odour() == Odour.FOUL),
  NO_REDNESS("no redness", p -> p.finding().redness() == NONE),
  RED("redness", p -> p.finding().redness().atLeast(MILD)),
  QUITE_RED("redness of 2 or more", p -> p.finding().redness().atLeast(MODERATE)),
  RED_AND_DRY(
      "redness without much discharge",
      p -> p.finding().redness().atLeast(MILD) && !p.finding().discharge().atLeast(MODERATE)),
  SORES("sores", p -> p.finding().sores().atLeast(MILD)),
  QUIET_SKIN(
      "quiet skin",
      p ->
          p.finding().redness() == NONE
              && p.finding().swelling() == NONE
              && p.finding().sores() == NONE),
  PAIN("pain", p -> p.finding().pain().atLeast(MILD)),
  QUITE_PAINFUL("pain of 2 or more", p -> p.finding().pain().atLeast(MODERATE)),
  ITCH("itch", p -> p.signs().itch().atLeast(MILD)),
  NO_ITCH("no itch", p -> p.signs().itch() == NONE),
  STRONG_ITCH("strong itch", p -> p.signs().itch() == SEVERE),
  VIOLENT_SHAKING("violent head shaking", p -> p.signs().dog().shaking() == SEVERE),
  SUDDEN("a sudden start", p -> p.signs().dog().onset().equals(Optional.of(Onset.SUDDEN))),
  GRADUAL("a gradual start", p -> p.signs().dog().onset().equals(Optional.of(Onset.GRADUAL))),
  BOTH_EARS("both ears alike", p -> p.evenness().lean() == Evenness.Lean.EVEN),
  ONE_EAR("one ear more than the other", p -> p.evenness().lean() != Evenness.Lean.EVEN),
  THIS_EAR("this ear only", PatternSigns::isOfThisEar),
  BOTH_EARS_UNPAWED(
      "both ears alike",
      p -> p.evenness().lean() == Evenness.Lean.EVEN && p.signs().dog().pawed().isEmpty()),
  FIRST_EPISODE("a first episode", p -> p.story().firstEpisode()),
  LONG_STANDING("trouble for 30 days or more", p -> p.story().longStanding()),
  COMES_BACK("it comes back", p -> p.story().comesBack()),
  YOUNG_DOG("a dog under 1 year", p -> p.story().isYoung()),
  OLDER_DOG("a dog over 8 years", p -> p.story().isOlder()),
  SEED_SEASON("grass or seed season", p -> p.signs().dog().seedSeason() == Answer.YES),
  PAWS_OR_BELLY("paws or belly itch too", p -> p.signs().dog().itchyPawsOrBelly() == Answer.YES),
  ITCHING_CONTACTS(
      "contact with animals that itch", p -> p.signs().dog().itchingContacts() == Answer.YES);

  private final String words;
  private final Predicate<PatternSigns> holds;

  PatternSign(String words, Predicate<PatternSigns> holds) {
    this.words = words;
    this.holds = holds;
  }

  String words() {
    return words;
  }

  boolean holds(PatternSigns signs) {
    return holds.test(signs);
  }

  private static Predicate<PatternSigns> kind(DischargeKind first, DischargeKind... others) {
    Set<DischargeKind> kinds = EnumSet.of(first, others);
    return p -> kinds.contains(p.finding().dischargeKind());
  }
}
