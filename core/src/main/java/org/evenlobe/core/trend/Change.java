package org.evenlobe.core.trend;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Whether something changed (rule TREND_CHANGE): the difference of the medians after and before,
 * with a bootstrap interval of 90 % whose seed is fixed, so that the same record gives the same
 * answer. For example before 4, 4, 5, 5, 6 and after 1, 1, 2, 2, 2: lower by 3. Below 5 of either
 * it is too few to tell; where the interval holds 0 there is no clear change.
 *
 * @param before the median before; empty where there is nothing
 * @param after the median after; empty where there is nothing
 * @param low the lower end of the difference; empty where there are too few
 * @param high the upper end of the difference; empty where there are too few
 * @param direction what it comes to
 * @param reason the same in a sentence
 */
public record Change(
    Optional<Double> before,
    Optional<Double> after,
    Optional<Double> low,
    Optional<Double> high,
    Direction direction,
    Reason reason) {
  private static final int FEWEST = 5;
  private static final int RESAMPLES = 2_000;
  private static final long SEED = 20_260_101;
  private static final double TAIL = 0.05;

  /** What it comes to. */
  public enum Direction implements Worded {
    /** It is lower. */
    LOWER("lower"),
    /** It is higher. */
    HIGHER("higher"),
    /** There is no clear change. */
    NO_CLEAR_CHANGE("no clear change"),
    /** There are too few to tell. */
    TOO_FEW("too few to tell");

    private final String words;

    Direction(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  /**
   * From before to after.
   *
   * @param what what was measured, as a sentence begins with it
   */
  public static Change of(String what, List<Integer> before, List<Integer> after) {
    Optional<Double> was = before.isEmpty() ? Optional.empty() : Optional.of(median(before));
    Optional<Double> is = after.isEmpty() ? Optional.empty() : Optional.of(median(after));
    if (before.size() < FEWEST || after.size() < FEWEST) {
      return new Change(
          was,
          is,
          Optional.empty(),
          Optional.empty(),
          Direction.TOO_FEW,
          Reason.of(
              Rule.TREND_CHANGE,
              "%s: %s before and %s after are too few to tell; 5 of each are needed."
                  .formatted(what, before.size(), after.size())));
    }
    double[] differences = new double[RESAMPLES];
    SplittableRandom random = new SplittableRandom(SEED);
    for (int i = 0; i < RESAMPLES; i++) {
      differences[i] = median(drawn(after, random)) - median(drawn(before, random));
    }
    Arrays.sort(differences);
    double low = differences[(int) Math.floor(TAIL * (RESAMPLES - 1))];
    double high = differences[(int) Math.ceil((1 - TAIL) * (RESAMPLES - 1))];
    Direction direction =
        high < 0 ? Direction.LOWER : low > 0 ? Direction.HIGHER : Direction.NO_CLEAR_CHANGE;
    return new Change(
        was,
        is,
        Optional.of(low),
        Optional.of(high),
        direction,
        Reason.of(
                Rule.TREND_CHANGE,
                "%s: %s before, %s after: %s (difference %s to %s)."
                    .formatted(
                        what,
                        Figures.plain(was.orElseThrow()),
                        Figures.plain(is.orElseThrow()),
                        direction.words(),
                        signed(low),
                        signed(high)))
            .with("before", was.orElseThrow())
            .with("after", is.orElseThrow())
            .with("low", low)
            .with("high", high));
  }

  private static String signed(double number) {
    return number < 0 ? "−" + Figures.plain(-number) : Figures.plain(number);
  }

  private static List<Integer> drawn(List<Integer> from, SplittableRandom random) {
    return random.ints(from.size(), 0, from.size()).mapToObj(from::get).toList();
  }

  private static double median(List<Integer> numbers) {
    List<Integer> sorted = numbers.stream().sorted().toList();
    int middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : (sorted.get(middle - 1) + sorted.get(middle)) / 2.0;
  }
}
