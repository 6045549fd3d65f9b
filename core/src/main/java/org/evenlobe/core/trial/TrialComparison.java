package org.evenlobe.core.trial;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.trend.Change;

/**
 * A trial against the same length before it (rule DIET_COMPARED): the scores of both ears, their
 * itch, and the days on which a check said CAUTION or worse.
 *
 * @param before the time before it
 * @param during the trial
 * @param score how the ear scores changed
 * @param itch how the itch changed
 * @param reason the bad days of both, in a sentence
 */
public record TrialComparison(
    Period before, Period during, Change score, Change itch, Reason reason) {

  /**
   * A time that is compared.
   *
   * @param from its first day
   * @param to its last day
   * @param checks how many checks it has
   * @param badDays the days on which a check said CAUTION or worse
   */
  public record Period(LocalDate from, LocalDate to, int checks, int badDays) {}

  static TrialComparison of(DogHistory history, LocalDate from, LocalDate to) {
    LocalDate last = Figures.later(from, to);
    long days = ChronoUnit.DAYS.between(from, last) + 1;
    List<AssessedCheck> before = checks(history, from.minusDays(days), from.minusDays(1));
    List<AssessedCheck> during = checks(history, from, last);
    Period was = period(before, from.minusDays(days), from.minusDays(1));
    Period is = period(during, from, last);
    return new TrialComparison(
        was,
        is,
        Change.of(
            "Ear scores", of(before, TrialComparison::score), of(during, TrialComparison::score)),
        Change.of("Itch", of(before, TrialComparison::itch), of(during, TrialComparison::itch)),
        Reason.of(
                Rule.DIET_COMPARED,
                "%s with CAUTION or worse in the %d days before, %s in the trial."
                    .formatted(
                        Figures.count(was.badDays(), "day"),
                        days,
                        Figures.count(is.badDays(), "day")))
            .with("before", was.badDays())
            .with("during", is.badDays()));
  }

  private static List<AssessedCheck> checks(DogHistory history, LocalDate from, LocalDate to) {
    return history.checks().stream()
        .filter(check -> !check.check().day().isBefore(from) && !check.check().day().isAfter(to))
        .toList();
  }

  private static Period period(List<AssessedCheck> checks, LocalDate from, LocalDate to) {
    long bad =
        checks.stream()
            .filter(check -> check.verdicts().join(Verdict::or).atLeast(Verdict.CAUTION))
            .map(check -> check.check().day())
            .distinct()
            .count();
    return new Period(from, to, checks.size(), (int) bad);
  }

  private static List<Integer> of(
      List<AssessedCheck> checks, BiFunction<AssessedCheck, Side, Integer> number) {
    return checks.stream()
        .flatMap(check -> Stream.of(Side.values()).map(side -> number.apply(check, side)))
        .toList();
  }

  private static int score(AssessedCheck check, Side side) {
    return check.check().ears().get(side).score();
  }

  private static int itch(AssessedCheck check, Side side) {
    return check.check().dog().itch(side).number();
  }
}
