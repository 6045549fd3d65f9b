package org.evenlobe.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What a vet may look for, by the signs that fit and those that speak against (rule CHECK_PATTERN).
 * Never a diagnosis: only a vet's microscope tells.
 *
 * <p>The match is the number of signs that fit less those that speak against. For example brown
 * discharge, a sweet odour and itch in both ears match yeast by 4.
 */
public enum Pattern {
  /** Plain wax. */
  WAX_ONLY(
      "wax only",
      3,
      fits(PatternSign.TAN_OR_BROWN, PatternSign.ODOUR_NONE_OR_WAXY, PatternSign.NO_REDNESS),
      against(PatternSign.QUITE_RED, PatternSign.PAIN),
      p -> p.finding().discharge() != Grade.NONE),
  /** Yeast that has overgrown. */
  YEAST(
      "yeast overgrowth",
      3,
      fits(
          PatternSign.BROWN_OR_BLACK,
          PatternSign.ODOUR_SWEET,
          PatternSign.ITCH,
          PatternSign.BOTH_EARS),
      against(PatternSign.YELLOW_OR_GREEN, PatternSign.QUITE_PAINFUL),
      p -> true),
  /** Round bacteria. */
  COCCI(
      "bacteria, round (cocci)",
      2,
      fits(PatternSign.YELLOW_OR_WATERY, PatternSign.ODOUR_FOUL, PatternSign.RED),
      against(PatternSign.NO_REDNESS),
      p -> true),
  /** Rod-shaped bacteria. */
  RODS(
      "bacteria, rods",
      2,
      fits(
          PatternSign.YELLOW_OR_GREEN,
          PatternSign.SORES,
          PatternSign.ODOUR_FOUL,
          PatternSign.PAIN,
          PatternSign.LONG_STANDING),
      against(PatternSign.FIRST_EPISODE, PatternSign.QUIET_SKIN),
      p -> true),
  /** Mites. */
  MITES(
      "mites",
      2,
      fits(
          PatternSign.DARK_SPECKS,
          PatternSign.STRONG_ITCH,
          PatternSign.YOUNG_DOG,
          PatternSign.BOTH_EARS,
          PatternSign.ITCHING_CONTACTS),
      against(PatternSign.NO_ITCH),
      PatternSign.DARK_SPECKS::holds),
  /** Something stuck in the ear. */
  SOMETHING_STUCK(
      "something stuck",
      3,
      fits(
          PatternSign.THIS_EAR,
          PatternSign.SUDDEN,
          PatternSign.VIOLENT_SHAKING,
          PatternSign.SEED_SEASON),
      against(PatternSign.BOTH_EARS_UNPAWED, PatternSign.GRADUAL),
      p -> p.isPawedAlone() || (p.isPawedNowhere() && p.isWorseOrEven())),
  /** An allergy behind it. */
  ALLERGY(
      "allergy behind it",
      3,
      fits(
          PatternSign.BOTH_EARS,
          PatternSign.RED_AND_DRY,
          PatternSign.COMES_BACK,
          PatternSign.PAWS_OR_BELLY),
      against(PatternSign.ONE_EAR),
      p -> true),
  /** A growth or a polyp. */
  GROWTH(
      "growth or polyp",
      3,
      fits(
          PatternSign.THIS_EAR, PatternSign.GRADUAL, PatternSign.COMES_BACK, PatternSign.OLDER_DOG),
      against(PatternSign.BOTH_EARS),
      p -> p.isWorse() && p.story().worseBefore() > 0);

  private static final int MOST_SHOWN = 2;

  private final String words;
  private final int shownFrom;
  private final List<PatternSign> fits;
  private final List<PatternSign> against;
  private final Predicate<PatternSigns> applies;

  Pattern(
      String words,
      int shownFrom,
      List<PatternSign> fits,
      List<PatternSign> against,
      Predicate<PatternSigns> applies) {
    this.words = words;
    this.shownFrom = shownFrom;
    this.fits = fits;
    this.against = against;
    this.applies = applies;
  }

  /** The pattern in plain words. */
  public String words() {
    return words;
  }

  /** What a vet may look for in an ear: two at most, the better match first. */
  static List<PatternMatch> of(PatternSigns signs) {
    return Stream.of(values())
        .filter(pattern -> pattern.applies.test(signs))
        .map(pattern -> pattern.matched(signs))
        .filter(match -> match.match() >= match.pattern().shownFrom)
        .sorted(Comparator.comparingInt(PatternMatch::match).reversed())
        .limit(MOST_SHOWN)
        .toList();
  }

  private PatternMatch matched(PatternSigns signs) {
    List<String> speaksFor = holding(fits, signs);
    List<String> speaksAgainst = holding(against, signs);
    int match = speaksFor.size() - speaksAgainst.size();
    return new PatternMatch(
        this, words, match, speaksFor, speaksAgainst, reason(match, speaksFor, speaksAgainst));
  }

  private Reason reason(int match, List<String> speaksFor, List<String> speaksAgainst) {
    String sentence =
        "A vet may look for %s: %s fit%s%s."
            .formatted(
                words,
                String.join(", ", speaksFor),
                speaksFor.size() == 1 ? "s" : "",
                speaksAgainst.isEmpty() ? "" : "; against it: " + String.join(", ", speaksAgainst));
    return Reason.of(Rule.CHECK_PATTERN, sentence).with("match", match);
  }

  private static List<String> holding(List<PatternSign> among, PatternSigns signs) {
    return among.stream().filter(sign -> sign.holds(signs)).map(PatternSign::words).toList();
  }

  private static List<PatternSign> fits(PatternSign... signs) {
    return List.of(signs);
  }

  private static List<PatternSign> against(PatternSign... signs) {
    return List.of(signs);
  }
}
