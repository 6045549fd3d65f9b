package org.evenlobe.core.trend;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Flare;
import org.evenlobe.core.history.Outing;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.record.TriggerSaid;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Whether flares follow something (rule TREND_FOLLOWS): how many began 1 to 14 days after such a
 * day (5 to 14 after water), against what chance would give for the share of days so covered, from
 * the first to the last record. For example 3 of 4 flares where 22 % of the days are covered: by
 * chance 0.9 would, p = 0.036.
 *
 * @param trigger what it is
 * @param hits how many flares began after it
 * @param flares of how many
 * @param expected how many would by chance
 * @param covered the share of days that lie so after it
 * @param p how probable as many or more are by chance; empty where that cannot be told
 * @param odds the ratio of the odds; empty where that cannot be told, or it has no end
 * @param low the lower end of its 90 % interval
 * @param high the upper end; empty where it has none
 * @param outcome what it comes to
 * @param watched how many of the hits only a look found that water had called for
 * @param said what a person has said of it
 * @param reason the same in a sentence
 */
public record Follows(
    Trigger trigger,
    int hits,
    int flares,
    double expected,
    double covered,
    Optional<Double> p,
    Optional<Double> odds,
    Optional<Double> low,
    Optional<Double> high,
    Outcome outcome,
    int watched,
    Optional<Boolean> said,
    Reason reason) {
  private static final int FEWEST_FLARES = 3;
  private static final double TOO_OFTEN = 0.6;
  private static final int USUAL_DAYS = 7;

  /** What it comes to. */
  public enum Outcome implements Worded {
    /** It is proposed; the person decides. */
    PROPOSED("seems to follow"),
    /** No more than chance would. */
    NO_CLEAR_LINK("no clear link"),
    /** There are too few flares. */
    TOO_FEW("too few to tell"),
    /** It happens too often. */
    TOO_OFTEN("too often to tell");

    private final String words;

    Outcome(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  /**
   * What a dog's flares follow, those that are proposed first; what is not on record is not asked.
   *
   * @param bottles what the bottle of an id is called
   */
  public static List<Follows> of(DogHistory history, Function<UUID, Optional<String>> bottles) {
    Optional<LocalDate> first = day(history, true);
    if (first.isEmpty()) {
      return List.of();
    }
    LocalDate last = day(history, false).orElseThrow();
    TriggerDays days = new TriggerDays(history, bottles);
    List<Follows> all = new ArrayList<>();
    for (Trigger trigger : Trigger.values()) {
      Set<LocalDate> such = days.of(trigger, first.get().minusDays(trigger.lastDay()), last);
      BitSet covered = covered(trigger, such, first.get(), last);
      boolean asked = trigger.isSeason() ? !covered.isEmpty() : !such.isEmpty();
      if (asked) {
        all.add(of(history, trigger, covered, first.get(), last));
      }
    }
    all.sort((one, other) -> one.outcome().compareTo(other.outcome()));
    return all;
  }

  private static Optional<LocalDate> day(DogHistory history, boolean first) {
    return history.dog().inOrder().stream()
        .map(Dated::day)
        .filter(day -> !day.isAfter(history.today()))
        .reduce((one, other) -> first ? Figures.earlier(one, other) : Figures.later(one, other));
  }

  private static BitSet covered(
      Trigger trigger, Set<LocalDate> such, LocalDate first, LocalDate last) {
    int total = (int) ChronoUnit.DAYS.between(first, last) + 1;
    BitSet covered = new BitSet(total);
    for (LocalDate day : such) {
      int at = (int) ChronoUnit.DAYS.between(first, day);
      int from = Math.max(0, at + trigger.firstDay());
      int to = Math.min(total, at + trigger.lastDay() + 1);
      if (from < to) {
        covered.set(from, to);
      }
    }
    return covered;
  }

  private static Follows of(
      DogHistory history, Trigger trigger, BitSet covered, LocalDate first, LocalDate last) {
    List<Flare> flares = history.flares();
    double share = covered.cardinality() / (ChronoUnit.DAYS.between(first, last) + 1.0);
    List<Flare> hit =
        flares.stream()
            .filter(flare -> covered.get((int) ChronoUnit.DAYS.between(first, flare.start())))
            .toList();
    int watched =
        trigger == Trigger.WATER
            ? (int) hit.stream().filter(flare -> isWatched(history, flare)).count()
            : 0;
    boolean stated = trigger == Trigger.WATER && history.dog().isWaterSensitive();
    Optional<Boolean> said =
        stated
            ? Optional.of(true)
            : TriggerSaid.latest(history.dog(), trigger).map(TriggerSaid::follows);
    return of(trigger, hit.size(), flares.size(), share, watched, said);
  }

  /** The answer from the numbers alone. */
  static Follows of(
      Trigger trigger, int hits, int flares, double share, int watched, Optional<Boolean> said) {
    boolean few = flares < FEWEST_FLARES;
    boolean often = share > TOO_OFTEN;
    if (few || often || share == 0) {
      return new Follows(
          trigger,
          hits,
          flares,
          flares * share,
          share,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          few ? Outcome.TOO_FEW : often ? Outcome.TOO_OFTEN : Outcome.NO_CLEAR_LINK,
          watched,
          said,
          reason(
              few
                  ? tooFew(trigger, flares)
                  : often ? tooOften(trigger, share) : counted(trigger, hits, flares, share)));
    }
    Share found = new Share(hits, flares);
    double p = found.asManyByChance(share);
    boolean proposed = p < trigger.level();
    double chance = odds(share);
    String sentence =
        counted(trigger, hits, flares, share)
            + (proposed
                ? " That is more than chance: it seems to follow."
                : " That is no more than chance may give.")
            + (watched > 0
                ? " %d of them %s found only by a look that the water had called for."
                    .formatted(watched, watched == 1 ? "was" : "were")
                : "");
    return new Follows(
        trigger,
        hits,
        flares,
        flares * share,
        share,
        Optional.of(p),
        finite(odds(found.share()) / chance),
        finite(odds(found.low()) / chance),
        finite(odds(found.high()) / chance),
        proposed ? Outcome.PROPOSED : Outcome.NO_CLEAR_LINK,
        watched,
        said,
        reason(sentence)
            .with("hits", hits)
            .with("flares", flares)
            .with("byChance", flares * share)
            .with("p", p));
  }

  private static double odds(double share) {
    return share / (1 - share);
  }

  private static Optional<Double> finite(double number) {
    return Double.isFinite(number) ? Optional.of(number) : Optional.empty();
  }

  private static Reason reason(String sentence) {
    return Reason.of(Rule.TREND_FOLLOWS, sentence);
  }

  private static String tooFew(Trigger trigger, int flares) {
    return "%s: %s on record, too few to tell; 3 are needed."
        .formatted(Figures.capital(trigger.words()), Figures.count(flares, "flare"));
  }

  private static String tooOften(Trigger trigger, double share) {
    String often =
        "%s: %d %% of all days lie within its reach, too often to tell."
            .formatted(Figures.capital(trigger.words()), Figures.halfUp(100 * share));
    return trigger == Trigger.WATER
        ? often + " Keep the ears dry for six weeks and compare."
        : often;
  }

  private static String counted(Trigger trigger, int hits, int flares, double share) {
    return "%d of %d flares began %s %s; by chance %s would."
        .formatted(
            hits,
            flares,
            trigger.firstDay() == 1
                ? "within two weeks of"
                : "%d to %d days after".formatted(trigger.firstDay(), trigger.lastDay()),
            trigger.words(),
            Figures.plain(Math.round(10 * flares * share) / 10.0));
  }

  /** Whether a flare would not have been found yet without the looks that water calls for. */
  private static boolean isWatched(DogHistory history, Flare flare) {
    if (!history.dog().isWaterSensitive()) {
      return false;
    }
    LocalDate start = flare.start();
    boolean inWindow =
        Outing.of(history.wet().days(start.minusDays(30))).stream()
            .mapToLong(outing -> ChronoUnit.DAYS.between(outing.last(), start))
            .anyMatch(
                after ->
                    Outing.WATCHED_AFTER.stream()
                        .anyMatch(best -> Math.abs(best - after) <= Outing.WATCH_SLACK));
    boolean early =
        history.checks().stream()
            .map(AssessedCheck::check)
            .map(Dated::day)
            .filter(day -> day.isBefore(start))
            .reduce((one, other) -> other)
            .filter(day -> ChronoUnit.DAYS.between(day, start) < USUAL_DAYS)
            .isPresent();
    return inWindow && early;
  }
}
