package org.evenlobe.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How far the two ears' scores are apart (rule CHECK_EVENNESS). It is shown and followed; it
 * decides no verdict.
 *
 * <p>For example scores of 5 and 2 lean to the first ear by 3.
 *
 * @param difference between the two scores, 0 to 12
 * @param lean what that is called
 * @param worse the ear with the higher score, where they differ by 2 or more
 * @param reasons the arithmetic, and what to do about a lean that lasts
 */
public record Evenness(int difference, Lean lean, Optional<Side> worse, List<Reason> reasons) {
  private static final int LEANING_FROM = 2;
  private static final int UNEVEN_FROM = 4;

  /** How far apart. */
  public enum Lean {
    /** By 1 at most. */
    EVEN,
    /** By 2 or 3. */
    LEANING,
    /** By 4 or more. */
    UNEVEN
  }

  public Evenness {
    reasons = List.copyOf(reasons);
  }

  /**
   * The evenness of two scores.
   *
   * @param checksBefore at how many checks running before this one the same ear was worse; only
   *     asked for the worse ear
   */
  static Evenness of(EarPair<Integer> scores, ToIntFunction<Side> checksBefore) {
    int difference = Math.abs(scores.right() - scores.left());
    Lean lean =
        difference >= UNEVEN_FROM
            ? Lean.UNEVEN
            : difference >= LEANING_FROM ? Lean.LEANING : Lean.EVEN;
    Optional<Side> worse = worse(scores);
    List<Reason> reasons = new ArrayList<>();
    reasons.add(arithmetic(scores, difference, worse));
    worse.ifPresent(
        side -> {
          int running = checksBefore.applyAsInt(side) + 1;
          if (running > 1) {
            reasons.add(lasting(side, running));
          }
        });
    return new Evenness(difference, lean, worse, reasons);
  }

  /** The ear with the higher score, where they differ by 2 or more. */
  public static Optional<Side> worse(EarPair<Integer> scores) {
    int lead = scores.right() - scores.left();
    return Math.abs(lead) < LEANING_FROM
        ? Optional.empty()
        : Optional.of(lead > 0 ? Side.RIGHT : Side.LEFT);
  }

  private static Reason arithmetic(EarPair<Integer> scores, int difference, Optional<Side> worse) {
    String sentence =
        "Score right %d, left %d: %s."
            .formatted(
                scores.right(),
                scores.left(),
                worse
                    .map(side -> "the " + side.ear() + " is worse by " + difference)
                    .orElse("even"));
    return Reason.of(Rule.CHECK_EVENNESS, sentence)
        .with("right", scores.right())
        .with("left", scores.left())
        .with("difference", difference);
  }

  private static Reason lasting(Side side, int running) {
    String sentence =
        "The %s has been the worse one at %s running. A lean that lasts points to a cause in that"
            + " ear, such as something stuck, a growth or a tick: have it looked into.";
    return Reason.of(
            Rule.CHECK_EVENNESS, sentence.formatted(side.ear(), Figures.count(running, "check")))
        .with("checks", running);
  }
}
