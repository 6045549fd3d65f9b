package org.evenlobe.core.check;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.rule.Reason;

/** Puts together what a check says, from its signs and from what came before. */
public final class CheckVerdicts {
  private CheckVerdicts() {}

  /**
   * What a check says.
   *
   * @param signs of both ears
   * @param stories of both ears
   * @param holds those that are open after this check
   * @param mayGoIn what may go into each ear after it
   * @param intake why an ear may only be wiped though its verdict would allow more
   */
  public static CheckVerdict of(
      EarPair<EarSigns> signs,
      EarPair<EarStory> stories,
      EarPair<Optional<Hold>> holds,
      EarPair<MayGoIn> mayGoIn,
      List<Reason> intake) {
    Evenness evenness =
        Evenness.of(signs.map(ear -> ear.ear().score()), side -> stories.get(side).worseBefore());
    EarPair<EarVerdict> ears =
        EarPair.bySide(
            side -> ear(signs.get(side), stories.get(side), mayGoIn.get(side), evenness));
    return new CheckVerdict(
        ears.right().verdict().or(ears.left().verdict()),
        ears,
        evenness,
        holds,
        intake,
        Advising.advice(ears, signs.map(EarSigns::ear), holds));
  }

  private static EarVerdict ear(
      EarSigns signs, EarStory story, MayGoIn mayGoIn, Evenness evenness) {
    return new EarVerdict(
        VerdictTable.verdict(signs),
        VerdictTable.signVerdict(signs),
        mayGoIn,
        signs.ear().score(),
        signs.itch(),
        VerdictTable.reasons(signs),
        Pattern.of(new PatternSigns(signs, evenness, story)));
  }
}
