package org.evenlobe.core.trial;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.record.DietSlip;
import org.evenlobe.core.record.DietStep;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.trend.PeriodsCompared;
import org.evenlobe.core.trend.PeriodsCompared.Span;

/**
 * A diet trial as it stands on a day (rules DIET_DAYS, DIET_REJOIN): its clean days of those it
 * needs, its earliest honest end, what each slip cost, and from its end on the comparison with the
 * same length before it, and the old food back for 14 days.
 *
 * @param trial which
 * @param stage where it stands
 * @param clean the clean days reached
 * @param ends its earliest honest end
 * @param lost the days up to its end that do not count
 * @param slips each slip with the days that only it cost
 * @param rejoinEnds the last of the 14 days with the old food, once it is back
 * @param counted the last day that counts for it so far
 * @param reasons what is to be said of it
 */
public record DietTrialNow(
    DietTrial trial,
    Stage stage,
    int clean,
    LocalDate ends,
    List<LocalDate> lost,
    List<Slipped> slips,
    Optional<LocalDate> rejoinEnds,
    LocalDate counted,
    List<Reason> reasons) {
  /** The old food is back for so many days. */
  private static final int REJOIN_DAYS = 14;

  private static final int SHORT_SCHOOL_DAYS = 56;

  /** Where it stands. */
  public enum Stage implements Worded {
    /** Its first day is still to come. */
    TO_COME("to come"),
    /** It goes on. */
    GOES_ON("goes on"),
    /** Its clean days are reached. */
    REACHED("clean days reached"),
    /** The old food is back. */
    OLD_FOOD("the old food is back"),
    /** It got worse with the old food. */
    WORSE_AGAIN("worse again with the old food"),
    /** It did not get worse with the old food. */
    NO_WORSE("no worse with the old food"),
    /** It was given up. */
    GIVEN_UP("given up");

    private final String words;

    Stage(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }

    /** Whether something is still to be done. */
    public boolean isOpen() {
      return this == TO_COME || this == GOES_ON || this == REACHED || this == OLD_FOOD;
    }
  }

  /**
   * A slip.
   *
   * @param slip which
   * @param cost how many days only it cost
   */
  public record Slipped(DietSlip slip, int cost) {}

  public DietTrialNow {
    lost = List.copyOf(lost);
    slips = List.copyOf(slips);
    reasons = List.copyOf(reasons);
  }

  /** The trial against the same length before it; empty while it goes on. */
  public Optional<PeriodsCompared> comparison(DogHistory history) {
    return stage == Stage.TO_COME || stage == Stage.GOES_ON
        ? Optional.empty()
        : Optional.of(compared(history));
  }

  private PeriodsCompared compared(DogHistory history) {
    Span during = new Span(trial.startsOn(), Figures.later(trial.startsOn(), counted));
    return PeriodsCompared.of(history, during.before(), during);
  }

  /** How a trial stands on the history's last day. */
  public static DietTrialNow of(DietTrial trial, DogHistory history) {
    DogRecord dog = history.dog();
    LocalDate today = history.today();
    List<DietStep> steps =
        dog.all(DietStep.class).stream()
            .filter(step -> step.trial().equals(trial.id()) && step.isBy(today))
            .toList();
    Optional<LocalDate> back =
        steps.stream()
            .filter(step -> step.news() == DietStep.News.OLD_FOOD_BACK)
            .map(DietStep::day)
            .findFirst();
    Optional<LocalDate> givenUp =
        steps.stream()
            .filter(step -> step.news() == DietStep.News.GIVEN_UP)
            .map(DietStep::day)
            .findFirst();
    // what is eaten once the old food is back, or the trial is given up, is no slip
    Optional<LocalDate> over =
        Stream.of(back, givenUp).flatMap(Optional::stream).min(LocalDate::compareTo);
    List<DietSlip> slips =
        dog.all(DietSlip.class).stream()
            .filter(slip -> slip.trial().equals(trial.id()) && slip.isBy(today))
            .filter(slip -> !slip.day().isBefore(trial.startsOn()))
            .filter(slip -> over.map(day -> slip.day().isBefore(day)).orElse(true))
            .toList();
    TrialDays days = new TrialDays(trial.startsOn(), trial.days(), slips);
    LocalDate ends = days.ends();
    Stage stage = stage(trial, steps, ends, today);
    LocalDate counted =
        Figures.earlier(
            over.map(day -> day.minusDays(1)).orElse(today), Figures.earlier(today, ends));
    return new DietTrialNow(
        trial,
        stage,
        days.clean(counted),
        ends,
        days.lost(ends),
        slips.stream().map(slip -> new Slipped(slip, days.onlyBy(slip))).toList(),
        back.map(day -> day.plusDays(REJOIN_DAYS - 1L)),
        counted,
        reasons(trial, stage, days.clean(counted), ends, slips, today));
  }

  private static Stage stage(
      DietTrial trial, List<DietStep> steps, LocalDate ends, LocalDate today) {
    if (!steps.isEmpty()) {
      return switch (steps.get(steps.size() - 1).news()) {
        case OLD_FOOD_BACK -> Stage.OLD_FOOD;
        case WORSE_AGAIN -> Stage.WORSE_AGAIN;
        case NO_WORSE -> Stage.NO_WORSE;
        case GIVEN_UP -> Stage.GIVEN_UP;
      };
    }
    if (today.isBefore(trial.startsOn())) {
      return Stage.TO_COME;
    }
    return today.isBefore(ends) ? Stage.GOES_ON : Stage.REACHED;
  }

  private static List<Reason> reasons(
      DietTrial trial,
      Stage stage,
      int clean,
      LocalDate ends,
      List<DietSlip> slips,
      LocalDate today) {
    List<Reason> reasons = new ArrayList<>();
    switch (stage) {
      case TO_COME, GOES_ON ->
          reasons.add(
              Reason.of(
                      Rule.DIET_DAYS,
                      "%d of %d clean days. The earliest honest end is %s, in %s%s."
                          .formatted(
                              clean,
                              trial.days(),
                              Quantities.day(ends),
                              Figures.count(ChronoUnit.DAYS.between(today, ends), "day"),
                              slips.isEmpty()
                                  ? ""
                                  : ": a slip and the 13 days after it do not count"))
                  .with("clean", clean)
                  .with("needed", trial.days()));
      case REACHED ->
          reasons.add(
              Reason.of(
                  Rule.DIET_REJOIN,
                  "All %d clean days are reached. Now the old food for 14 days: only if it gets worse"
                          .formatted(trial.days())
                      + " again, food is behind it."));
      case OLD_FOOD ->
          reasons.add(
              Reason.of(
                  Rule.DIET_REJOIN,
                  "The old food is back. Worse within 14 days: stop it, and go back to the new one."));
      case WORSE_AGAIN ->
          reasons.add(
              Reason.of(
                  Rule.DIET_REJOIN,
                  "It got worse with the old food: food is behind it. Stay with the new one, and plan"
                      + " what comes next with your vet."));
      case NO_WORSE ->
          reasons.add(
              Reason.of(
                  Rule.DIET_REJOIN,
                  "The old food made it no worse: food is not shown to be behind it. Ask your vet what"
                      + " else may be."));
      case GIVEN_UP ->
          reasons.add(
              Reason.of(
                  Rule.DIET_DAYS,
                  "Given up after %s: it can tell nothing."
                      .formatted(Figures.count(clean, "clean day"))));
    }
    if (stage == Stage.TO_COME || stage == Stage.GOES_ON) {
      if (trial.days() < SHORT_SCHOOL_DAYS) {
        reasons.add(
            Reason.of(
                Rule.DIET_LENGTH,
                "Two schools: 30 to 60 days, or 8 to 12 weeks. %d days miss those who get better late."
                    .formatted(trial.days())));
      }
      notNew(trial).ifPresent(reasons::add);
    }
    return reasons;
  }

  /** What is not new cannot be told from what it was. */
  private static Optional<Reason> notNew(DietTrial trial) {
    return Stream.of(trial.protein(), trial.starch())
        .filter(one -> trial.foodsSoFar().stream().anyMatch(food -> names(food, one)))
        .findFirst()
        .map(
            one ->
                Reason.of(
                    Rule.DIET_NEW,
                    "%s is among the foods so far: it is not new, and the trial can tell nothing."
                        .formatted(Figures.capital(one))));
  }

  private static boolean names(String food, String one) {
    String words = " " + food.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ") + " ";
    return words.contains(" " + one.toLowerCase(Locale.ROOT).strip() + " ");
  }
}
