package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.LoadLine;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.learn.IntervalLearning;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How an ear that was neglected and found full is caught up with (rule PLAN_CATCH_UP).
 *
 * <p>It was never cleaned, or not for more than three times its interval, and the heaviest load
 * came out. Then: a second pass the same day; while a load of 3 or more comes out, once a day, on
 * {@value IntervalLearning#CATCH_UP_DAYS} more days at most; then a check. A load of 3 or more at
 * the end, or any sign on the way, is for the vet.
 *
 * @param last the pass done last
 * @param lastDay the day of that pass
 * @param next the day of the next pass, where there is to be one
 * @param vet why a vet is to see it, where one is
 * @param checked whether it was looked at since the last pass
 * @param reason why there is a next pass, or a check
 */
public record CatchUp(
    UUID last,
    LocalDate lastDay,
    Optional<LocalDate> next,
    Optional<Reason> vet,
    boolean checked,
    Reason reason) {
  private static final int MORE_DAYS = IntervalLearning.CATCH_UP_DAYS;
  private static final int STILL_MUCH = 3;

  /** The run that is under way for an ear or has ended lately, where there is one. */
  public static Optional<CatchUp> of(Situation now, Side side, Optional<LocalDate> neglectedOn) {
    if (neglectedOn.isEmpty()) {
      return Optional.empty();
    }
    LocalDate first = neglectedOn.get();
    LocalDate end = first.plusDays(MORE_DAYS);
    List<LoadLine.Pass> passes =
        now.history().loads(side).between(first, end).stream()
            .filter(pass -> pass.ear().method().inCanal())
            .toList();
    if (passes.isEmpty()) {
      // somebody told of the one that found it neglected
      return Optional.empty();
    }
    CleaningRecord last = passes.get(passes.size() - 1).fact();
    boolean over = now.lastCleaned(side).filter(fact -> fact.day().isAfter(end)).isPresent();
    boolean seen =
        now.history()
            .latestVisit()
            .filter(visit -> Dated.BY_TIME.compare(visit, last) > 0)
            .isPresent();
    boolean well =
        now.history()
            .latest()
            .filter(
                look ->
                    look.check().day().isAfter(end)
                        && look.saw(side)
                        && look.signs().get(side).isQuiet())
            .isPresent();
    return over || seen || well ? Optional.empty() : Optional.of(of(now, side, passes, end));
  }

  private static CatchUp of(Situation now, Side side, List<LoadLine.Pass> passes, LocalDate end) {
    CleaningRecord last = passes.get(passes.size() - 1).fact();
    int load = passes.get(passes.size() - 1).ear().load().grade();
    boolean much = load >= STILL_MUCH;
    Optional<LocalDate> next = Optional.empty();
    if (passes.size() == 1 && now.today().equals(last.day())) {
      next = Optional.of(last.day());
    } else if (much) {
      // a day without a pass ends the run
      LocalDate day = last.day().plusDays(1);
      next = Optional.of(day).filter(d -> !d.isAfter(end) && !d.isBefore(now.today()));
    }
    List<AssessedCheck> looks =
        now.history().checks().stream()
            .filter(check -> Dated.BY_TIME.compare(check.check(), last) > 0)
            .toList();
    boolean signs =
        now.history().checks().stream()
            .filter(check -> Dated.BY_TIME.compare(check.check(), passes.get(0).fact()) > 0)
            .anyMatch(check -> check.signs().get(side).atLeast(Verdict.CAUTION));
    Optional<Reason> vet =
        signs
            ? Optional.of(vetForSigns(side))
            : much && next.isEmpty() ? Optional.of(vetForLoad(side, load)) : Optional.empty();
    return new CatchUp(
        last.id(),
        last.day(),
        vet.isPresent() ? Optional.empty() : next,
        vet,
        !looks.isEmpty(),
        reason(side, passes.size(), load, next));
  }

  private static Reason reason(Side side, int passes, int load, Optional<LocalDate> next) {
    String sentence;
    if (next.isEmpty()) {
      sentence =
          "The %s was caught up with: look whether it is well, and leave it alone until then."
              .formatted(side.ear());
    } else if (passes == 1) {
      sentence =
          "The %s had not been cleaned for long and was full: a second pass the same day."
              .formatted(side.ear());
    } else {
      sentence =
          "A load of %d still came out of the %s: once more, one pass a day, %d more days at most."
              .formatted(load, side.ear(), MORE_DAYS);
    }
    return Reason.of(Rule.PLAN_CATCH_UP, sentence).with("load", load).with("passes", passes);
  }

  private static Reason vetForSigns(Side side) {
    return Reason.of(
        Rule.PLAN_CATCH_UP,
        "The %s showed signs while it was caught up with: stop, and call your vet."
            .formatted(side.ear()));
  }

  private static Reason vetForLoad(Side side, int load) {
    return Reason.of(
            Rule.PLAN_CATCH_UP,
            "After all passes a load of %d still came out of the %s: ask your vet to clear it."
                .formatted(load, side.ear()))
        .with("load", load);
  }
}
