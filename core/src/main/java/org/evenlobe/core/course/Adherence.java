package org.evenlobe.core.course;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How a course was kept to, for one ear or for the dog (rule COURSE_ADHERENCE): given ÷ due, of
 * doses whose on-time span is over. For example 13 of 14, 12 of them on time, is 93 % and 92 %.
 *
 * @param ear which ear; empty for a tablet
 * @param due how many were due
 * @param given how many of those were given
 * @param onTime how many of those on time
 * @param longestGapHours the longest time between two givings, hours; empty before the second
 * @param reason the same in a sentence
 */
public record Adherence(
    Optional<Side> ear,
    int due,
    int given,
    int onTime,
    Optional<Double> longestGapHours,
    Reason reason) {
  private static final double MINUTES = 60;
  private static final int HUNDRED = 100;

  static Adherence of(Optional<Side> ear, List<DoseNow> doses, Instant now) {
    List<DoseNow> due = doses.stream().filter(dose -> dose.span().until().isBefore(now)).toList();
    List<DoseNow> given = due.stream().filter(dose -> dose.status() == DoseStatus.GIVEN).toList();
    int onTime =
        (int)
            given.stream()
                .filter(dose -> dose.timing().equals(Optional.of(Timing.ON_TIME)))
                .count();
    Optional<Double> gap = longestGap(doses);
    String who = ear.map(side -> Figures.capital(side.ear()) + ": ").orElse("");
    String sentence =
        due.isEmpty()
            ? who + "no dose was due yet."
            : who
                + "%d of %d given (%d %%), %d of those on time.%s"
                    .formatted(
                        given.size(),
                        due.size(),
                        Math.round((double) HUNDRED * given.size() / due.size()),
                        onTime,
                        gap.map(
                                hours ->
                                    " The longest gap was %s hours."
                                        .formatted(Figures.plain(hours)))
                            .orElse(""));
    return new Adherence(
        ear,
        due.size(),
        given.size(),
        onTime,
        gap,
        Reason.of(Rule.COURSE_ADHERENCE, sentence)
            .with("due", due.size())
            .with("given", given.size())
            .with("onTime", onTime));
  }

  private static Optional<Double> longestGap(List<DoseNow> doses) {
    List<Instant> given =
        doses.stream()
            .filter(dose -> dose.status() == DoseStatus.GIVEN)
            .map(dose -> dose.giving().orElseThrow().at())
            .sorted()
            .toList();
    Duration longest = Duration.ZERO;
    for (int i = 1; i < given.size(); i++) {
      Duration gap = Duration.between(given.get(i - 1), given.get(i));
      longest = gap.compareTo(longest) > 0 ? gap : longest;
    }
    return given.size() < 2 ? Optional.empty() : Optional.of(longest.toMinutes() / MINUTES);
  }
}
