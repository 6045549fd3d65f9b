package org.evenlobe.core.trend;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How an ear went over some days (rule TREND_WENT): its checks against the first of them, and what
 * light looks said. For example scores of 6, 4 and 2: 4 less than at first.
 *
 * @param ear which
 * @param points its checks and looks, oldest first
 * @param reason the latest check against the first, in a sentence
 */
public record Went(Side ear, List<WentPoint> points, Reason reason) {

  /**
   * A check or a light look.
   *
   * @param day when
   * @param score the ear score, of a check
   * @param look how it did against the day before, of a light look
   */
  public record WentPoint(
      LocalDate day, Optional<Integer> score, Optional<LightLook.Change> look) {}

  public Went {
    points = List.copyOf(points);
  }

  /** How an ear went from a day to another. */
  public static Went of(DogHistory history, Side ear, LocalDate from, LocalDate to) {
    List<WentPoint> points = new ArrayList<>();
    List<Integer> scores = new ArrayList<>();
    for (AssessedCheck check : history.checks()) {
      LocalDate day = check.check().day();
      if (!day.isBefore(from) && !day.isAfter(to) && check.saw(ear)) {
        int score = check.check().ears().get(ear).score();
        scores.add(score);
        points.add(new WentPoint(day, Optional.of(score), Optional.empty()));
      }
    }
    for (LightLook look : history.dog().all(LightLook.class)) {
      if (!look.day().isBefore(from) && !look.day().isAfter(to)) {
        look.ears()
            .get(ear)
            .ifPresent(
                one ->
                    points.add(
                        new WentPoint(look.day(), Optional.empty(), Optional.of(one.change()))));
      }
    }
    points.sort(Comparator.comparing(WentPoint::day));
    return new Went(ear, points, reason(ear, scores));
  }

  private static Reason reason(Side ear, List<Integer> scores) {
    String name = Figures.capital(ear.ear());
    if (scores.size() < 2) {
      return Reason.of(
          Rule.TREND_WENT,
          scores.isEmpty()
              ? "%s: no check on record within it.".formatted(name)
              : "%s: score %d of 12 at its first check; there is no second one yet."
                  .formatted(name, scores.get(0)));
    }
    int first = scores.get(0);
    int latest = scores.get(scores.size() - 1);
    String change =
        latest == first
            ? "as at first"
            : "%d %s than at first"
                .formatted(Math.abs(latest - first), latest < first ? "less" : "more");
    return Reason.of(
            Rule.TREND_WENT,
            "%s: score %d of 12 at the latest check, %s (%d, by %d checks)."
                .formatted(name, latest, change, first, scores.size()))
        .with("first", first)
        .with("latest", latest);
  }
}
