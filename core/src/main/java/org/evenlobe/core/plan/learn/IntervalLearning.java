package org.evenlobe.core.plan.learn;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.history.DayLoad;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Learns one ear's interval from what its cleanings brought out (rule PLAN_LEARN).
 *
 * <p>Each cleaning of the ear's present way, with one before it, tells a load y and the days t in
 * which it gathered, 90 at most. An ear that is wiped as a rule learns from wiping: more than half
 * of its last 5 cleanings were. By the way of wiping t counts since the last cleaning of any kind;
 * else a wipe tells nothing and starts no t. Less than 3 days after the last, what comes out is
 * leftovers; of a run that catches up with a neglected ear the first pass alone tells something; a
 * cleaning on a day that was one for the vet, under a vet's order or within a course tells nothing
 * (rule PLAN_UNWELL); each starts the next t. At one cleaning the interval grows by a quarter at
 * most; it may shrink at once.
 *
 * <p>For example base 14 and a load of 1 found after 14 days: (4 + 1) ÷ (28 + 14) = 0.119 a day, so
 * 17 days, and 14 × 1.25 = 17.5 allows it.
 */
public final class IntervalLearning {
  /** For so many days after the first pass an ear is caught up with. */
  public static final int CATCH_UP_DAYS = 3;

  private static final int LEFTOVER_DAYS = 3;
  private static final double MOST_GROWTH = 1.25;
  private static final int ROUTINE_AFTER_CLEANINGS = 3;
  private static final int ROUTINE_UNDER_DAYS = 42;
  private static final int ROUTINE_ENDS_AT_DAYS = 60;

  /** Not cleaned for so many times its interval, an ear is neglected. */
  private static final int NEGLECTED_AFTER = 3;

  private static final int WAY_OF_LAST = 5;
  private static final int WAY_OF_FEWEST = 3;
  private static final long NEVER = Long.MIN_VALUE;

  private final Side side;
  private final StartingInterval start;
  private final Set<LocalDate> unwell;
  private final double halfLifeDays;
  private final boolean byWiping;
  private final LoadRate prior;
  private LoadRate rate;
  private final LoadEvidence evidence = new LoadEvidence();
  private int observations;
  private int totalLoad;
  private int totalDays;
  private int inForce;
  private boolean growthHeld;
  private int before;
  private boolean routine;
  private int cleanings;
  private int leftOut;
  private long previous = NEVER;
  private long lastOfItsWay = NEVER;
  private Optional<LocalDate> neglectedOn = Optional.empty();

  private IntervalLearning(
      Side side,
      StartingInterval start,
      Set<LocalDate> unwell,
      double halfLifeDays,
      boolean byWiping) {
    this.side = side;
    this.byWiping = byWiping;
    this.start = start;
    this.unwell = unwell;
    this.halfLifeDays = halfLifeDays;
    this.prior = LoadRate.startingFrom(start.base());
    this.rate = prior;
    this.inForce = start.base();
    this.routine = !start.checksOnly();
  }

  /**
   * The interval that follows from what that ear's cleanings brought out, one for each day, oldest
   * first.
   *
   * @param unwell the days on which that ear was one for the vet
   */
  public static LearnedInterval learnedInterval(
      Side side, StartingInterval start, List<DayLoad> cleanings, Set<LocalDate> unwell) {
    return learnedInterval(side, start, cleanings, unwell, LoadEvidence.HALF_LIFE_DAYS);
  }

  /** The same with findings that count half as much after so many days. */
  public static LearnedInterval learnedInterval(
      Side side,
      StartingInterval start,
      List<DayLoad> cleanings,
      Set<LocalDate> unwell,
      double halfLifeDays) {
    IntervalLearning learning =
        new IntervalLearning(side, start, unwell, halfLifeDays, isWiped(cleanings));
    for (DayLoad day : cleanings) {
      learning.take(day);
    }
    return learning.answer();
  }

  /**
   * An interval after a cleaning.
   *
   * @param day the cleaning's
   * @param days the interval in force from then on
   * @param band the 80 % band of what the record allowed then
   */
  public record IntervalPoint(LocalDate day, int days, DayBand band) {}

  /** How it came about: what was in force after each cleaning of the ear's way, oldest first. */
  public static List<IntervalPoint> overTime(
      Side side, StartingInterval start, List<DayLoad> cleanings, Set<LocalDate> unwell) {
    boolean byWiping = isWiped(cleanings);
    IntervalLearning learning =
        new IntervalLearning(side, start, unwell, LoadEvidence.HALF_LIFE_DAYS, byWiping);
    List<IntervalPoint> points = new ArrayList<>();
    for (DayLoad day : cleanings) {
      learning.take(day);
      if (day.inCanal() != byWiping) {
        points.add(new IntervalPoint(day.day(), learning.inForce, learning.rate.band()));
      }
    }
    return points;
  }

  /** Whether an ear is wiped as a rule, by its last cleanings. */
  private static boolean isWiped(List<DayLoad> cleanings) {
    List<DayLoad> last =
        cleanings.subList(Math.max(0, cleanings.size() - WAY_OF_LAST), cleanings.size());
    long wiped = last.stream().filter(day -> !day.inCanal()).count();
    return last.size() >= WAY_OF_FEWEST && 2 * wiped > last.size();
  }

  private void take(DayLoad cleaning) {
    boolean ofItsWay = cleaning.inCanal() != byWiping;
    if (!ofItsWay) {
      if (byWiping) {
        // it is no finding of this way, but what gathers is counted from it
        previous = cleaning.day().toEpochDay();
      }
      return;
    }
    cleanings++;
    if (cleaning.load().isHeaviest() && cleaning.inCanal() && isNeglected(cleaning.day())) {
      neglectedOn = Optional.of(cleaning.day());
    }
    long day = cleaning.day().toEpochDay();
    if (lastOfItsWay != NEVER) {
      evidence.age(day - lastOfItsWay, halfLifeDays);
    }
    lastOfItsWay = day;
    if (previous != NEVER) {
      observe(cleaning, day - previous);
    }
    previous = day;
    moveInterval();
    moveRoutine();
  }

  private boolean isNeglected(LocalDate day) {
    return previous == NEVER || day.toEpochDay() - previous > (long) NEGLECTED_AFTER * inForce;
  }

  private boolean isCatchingUp(LocalDate day) {
    if (neglectedOn.isEmpty()) {
      return false;
    }
    LocalDate first = neglectedOn.get();
    return day.isAfter(first) && !day.isAfter(first.plusDays(CATCH_UP_DAYS));
  }

  private void observe(DayLoad cleaning, long since) {
    int days = (int) Math.min(since, LoadEvidence.LONGEST_GATHERING);
    if (days < LEFTOVER_DAYS || isCatchingUp(cleaning.day())) {
      return;
    }
    if (unwell.contains(cleaning.day())) {
      leftOut++;
      return;
    }
    evidence.add(cleaning.load().grade(), days);
    observations++;
    totalLoad += cleaning.load().grade();
    totalDays += days;
  }

  private void moveInterval() {
    rate = prior.after(evidence, rate.mean());
    int learned = rate.interval();
    int most = (int) Math.floor(inForce * MOST_GROWTH);
    growthHeld = learned > most;
    before = inForce;
    inForce = Math.min(learned, most);
  }

  /** Where only checks are planned, routine begins and ends with what cleanings show. */
  private void moveRoutine() {
    if (!start.checksOnly()) {
      return;
    }
    if (cleanings >= ROUTINE_AFTER_CLEANINGS && inForce < ROUTINE_UNDER_DAYS) {
      routine = true;
    } else if (inForce == ROUTINE_ENDS_AT_DAYS) {
      routine = false;
    }
  }

  private LearnedInterval answer() {
    List<Reason> reasons = new ArrayList<>();
    reasons.add(learned());
    if (growthHeld) {
      reasons.add(growthHeld(rate.interval()));
    }
    if (leftOut > 0) {
      reasons.add(leftOut());
    }
    DayBand band = rate.band();
    reasons.add(band(band));
    if (inForce < LearnedInterval.SHORTEST_PLANNED) {
      reasons.add(floor());
    }
    if (start.checksOnly()) {
      reasons.add(routineWhereChecksWouldDo());
    }
    return new LearnedInterval(inForce, band, observations, routine, neglectedOn, reasons);
  }

  private Reason leftOut() {
    String sentence =
        "What came out on %s that %s one for the vet, or under a vet's care, is left out: no wax."
            .formatted(Figures.count(leftOut, "day"), leftOut == 1 ? "was" : "were");
    return Reason.of(Rule.PLAN_UNWELL, sentence).with("cleanings", leftOut);
  }

  private Reason learned() {
    if (observations == 0) {
      return Reason.of(
              Rule.PLAN_LEARN,
              capital(side.ear())
                  + ": nothing learned yet; the starting interval of "
                  + Figures.count(start.base(), "day")
                  + " stands until a second cleaning.")
          .with("base", start.base());
    }
    String sentence =
        String.format(
            "%s: %s over %s brought a load of %d%s; with the starting value counted in and older"
                + " ones counting less, %s a day: a light load every %s.",
            capital(side.ear()),
            Figures.count(observations, byWiping ? "wiping" : "cleaning"),
            Figures.count(totalDays, "day"),
            totalLoad,
            evidence.hasHeavy() ? ", heavy as four or more" : "",
            Figures.plain(rate.mean()),
            Figures.count(rate.interval(), "day"));
    return Reason.of(Rule.PLAN_LEARN, sentence)
        .with("cleanings", observations)
        .with("days", totalDays)
        .with("load", totalLoad)
        .with("loadPerDay", rate.mean())
        .with("interval", rate.interval());
  }

  private Reason growthHeld(int learned) {
    String sentence =
        String.format(
            "At one cleaning the interval grows by a quarter at most: %d → %d, not yet %d.",
            before, inForce, learned);
    return Reason.of(Rule.PLAN_GROWTH, sentence)
        .with("before", before)
        .with("now", inForce)
        .with("learned", learned);
  }

  private static Reason band(DayBand band) {
    String sentence =
        band.shortest() == band.longest()
            ? "Four times in five: " + Figures.count(band.longest(), "day") + "."
            : String.format("Four times in five: %d to %d days.", band.shortest(), band.longest());
    return Reason.of(Rule.PLAN_BAND, sentence)
        .with("shortest", band.shortest())
        .with("longest", band.longest());
  }

  private Reason floor() {
    String sentence =
        String.format(
            "A light load every %s is too fast for an ear that is well: it is planned every 7"
                + " days. Ask the vet what is behind it.",
            Figures.count(inForce, "day"));
    return Reason.of(Rule.PLAN_FLOOR, sentence).with("interval", inForce);
  }

  private Reason routineWhereChecksWouldDo() {
    String sentence =
        routine
            ? "This ear was to be checked only, but its cleanings show that it gathers: it is"
                + " planned until the interval stands at 60 days."
            : "This ear is checked only; a routine begins if three cleanings show an interval"
                + " under 42 days.";
    return Reason.of(Rule.PLAN_CHECKS_ONLY, sentence);
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
