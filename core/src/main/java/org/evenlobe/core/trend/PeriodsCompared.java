package org.evenlobe.core.trend;

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

/**
 * One time against another (rule TREND_COMPARED): the scores of both ears, their itch, and the days
 * on which a check's signs said CAUTION or worse. For example the 56 days of a diet trial against
 * the 56 before it.
 *
 * @param before the time before
 * @param after the time after
 * @param score how the ear scores changed
 * @param itch how the itch changed
 * @param reason the bad days of both, in a sentence
 */
public record PeriodsCompared(
    Period before, Period after, Change score, Change itch, Reason reason) {

  /**
   * A time that is compared.
   *
   * @param from its first day
   * @param to its last day
   * @param checks how many checks it has
   * @param badDays the days on which a check's signs said CAUTION or worse
   */
  public record Period(LocalDate from, LocalDate to, int checks, int badDays) {}

  /**
   * Days, the first and the last included.
   *
   * @param from the first
   * @param to the last
   */
  public record Span(LocalDate from, LocalDate to) {
    public Span {
      if (to.isBefore(from)) {
        throw new IllegalArgumentException(from + " to " + to);
      }
    }

    /** As many days right before it. */
    public Span before() {
      return new Span(from.minusDays(days()), from.minusDays(1));
    }

    /** How many days that is. */
    public long days() {
      return ChronoUnit.DAYS.between(from, to) + 1;
    }

    /** Whether a day is one of them. */
    public boolean contains(LocalDate day) {
      return !day.isBefore(from) && !day.isAfter(to);
    }
  }

  /** One time against another. */
  public static PeriodsCompared of(DogHistory history, Span before, Span after) {
    List<AssessedCheck> earlier = checks(history, before);
    List<AssessedCheck> later = checks(history, after);
    Period was = period(earlier, before);
    Period is = period(later, after);
    return new PeriodsCompared(
        was,
        is,
        Change.of(
            "Ear scores",
            each(earlier, PeriodsCompared::score),
            each(later, PeriodsCompared::score)),
        Change.of("Itch", each(earlier, PeriodsCompared::itch), each(later, PeriodsCompared::itch)),
        Reason.of(
                Rule.TREND_COMPARED,
                "%s with CAUTION or worse in the first %s, %s in the %s after."
                    .formatted(
                        Figures.count(was.badDays(), "day"),
                        Figures.count(before.days(), "day"),
                        Figures.count(is.badDays(), "day"),
                        Figures.count(after.days(), "day")))
            .with("before", was.badDays())
            .with("after", is.badDays()));
  }

  private static List<AssessedCheck> checks(DogHistory history, Span span) {
    return history.checks().stream().filter(one -> span.contains(one.check().day())).toList();
  }

  private static Period period(List<AssessedCheck> checks, Span span) {
    long bad =
        checks.stream()
            .filter(check -> check.sign().atLeast(Verdict.CAUTION))
            .map(check -> check.check().day())
            .distinct()
            .count();
    return new Period(span.from(), span.to(), checks.size(), (int) bad);
  }

  private static List<Integer> each(
      List<AssessedCheck> checks, BiFunction<AssessedCheck, Side, Integer> number) {
    return checks.stream()
        .flatMap(
            check ->
                Stream.of(Side.values()).filter(check::saw).map(side -> number.apply(check, side)))
        .toList();
  }

  private static int score(AssessedCheck check, Side side) {
    return check.check().ears().get(side).score();
  }

  private static int itch(AssessedCheck check, Side side) {
    return check.check().dog().itch(side).number();
  }
}
