package org.evenlobe.core.plan.learn;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.history.DayLoad;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Load;
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
 * most of what was in force, also where the way changes; it may shrink at once. What somebody told
 * of without a load starts the next t only, and without its method the next one tells nothing too.
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
  private final LoadRate prior;

  /** What wiping tells, and what cleaning in the canal does: each learns from all that was told. */
  private final WayLearning wiping = new WayLearning(true);

  private final WayLearning inEar = new WayLearning(false);
  private final List<DayLoad> lately = new ArrayList<>();
  private WayLearning way = inEar;
  private int inForce;
  private boolean growthHeld;
  private int before;
  private boolean routine;
  private Optional<LocalDate> neglectedOn = Optional.empty();

  private IntervalLearning(
      Side side, StartingInterval start, Set<LocalDate> unwell, double halfLifeDays) {
    this.side = side;
    this.start = start;
    this.unwell = unwell;
    this.halfLifeDays = halfLifeDays;
    this.prior = LoadRate.startingFrom(start.base());
    this.wiping.rate = prior;
    this.inEar.rate = prior;
    this.inForce = start.base();
    this.routine = !start.checksOnly();
  }

  /** What the cleanings of one way tell. */
  private static final class WayLearning {
    private final boolean byWiping;
    private final LoadEvidence evidence = new LoadEvidence();
    private LoadRate rate;
    private int observations;
    private int totalLoad;
    private int totalDays;
    private int cleanings;
    private int leftOut;
    private long previous = NEVER;
    private long lastOfItsWay = NEVER;

    /** Whether the one before was told of without saying how: what is found next tells nothing. */
    private boolean afterUntold;

    private WayLearning(boolean byWiping) {
      this.byWiping = byWiping;
    }

    private boolean isOf(DayLoad cleaning) {
      return cleaning.inCanal().filter(in -> in != byWiping).isPresent();
    }
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
    IntervalLearning learning = new IntervalLearning(side, start, unwell, halfLifeDays);
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
    IntervalLearning learning =
        new IntervalLearning(side, start, unwell, LoadEvidence.HALF_LIFE_DAYS);
    List<IntervalPoint> points = new ArrayList<>();
    for (DayLoad day : cleanings) {
      if (learning.take(day)) {
        points.add(new IntervalPoint(day.day(), learning.inForce, learning.way.rate.band()));
      }
    }
    return points;
  }

  /** Whether an ear is wiped as a rule, by its last cleanings of which it is known how. */
  private boolean isWiped() {
    long wiped = lately.stream().filter(wiping::isOf).count();
    return lately.size() >= WAY_OF_FEWEST && 2 * wiped > lately.size();
  }

  /** Takes a cleaning; whether it was of the ear's way, and moved the interval. */
  private boolean take(DayLoad cleaning) {
    if (cleaning.inCanal().isPresent()) {
      lately.add(cleaning);
      if (lately.size() > WAY_OF_LAST) {
        lately.remove(0);
      }
    }
    way = isWiped() ? wiping : inEar;
    if (cleaning.load().filter(Load::isHeaviest).isPresent()
        && inEar.isOf(cleaning)
        && way == inEar
        && isNeglected(cleaning.day())) {
      neglectedOn = Optional.of(cleaning.day());
    }
    observe(wiping, cleaning);
    observe(inEar, cleaning);
    if (!way.isOf(cleaning) || cleaning.load().isEmpty()) {
      return false;
    }
    moveInterval();
    moveRoutine();
    return true;
  }

  private void observe(WayLearning one, DayLoad cleaning) {
    long day = cleaning.day().toEpochDay();
    if (cleaning.inCanal().isEmpty()) {
      one.previous = day;
      one.afterUntold = true;
      return;
    }
    if (!one.isOf(cleaning)) {
      if (one.byWiping) {
        // it is no finding of this way, but what gathers is counted from it
        one.previous = day;
        one.afterUntold = false;
      }
      return;
    }
    one.cleanings++;
    if (one.lastOfItsWay != NEVER) {
      one.evidence.age(day - one.lastOfItsWay, halfLifeDays);
    }
    one.lastOfItsWay = day;
    if (one.previous != NEVER && !one.afterUntold && cleaning.load().isPresent()) {
      observe(one, cleaning.day(), cleaning.load().get(), day - one.previous);
    }
    one.previous = day;
    one.afterUntold = false;
    one.rate = prior.after(one.evidence, one.rate.mean());
  }

  private boolean isNeglected(LocalDate day) {
    return inEar.previous == NEVER
        || day.toEpochDay() - inEar.previous > (long) NEGLECTED_AFTER * inForce;
  }

  private boolean isCatchingUp(LocalDate day) {
    if (neglectedOn.isEmpty()) {
      return false;
    }
    LocalDate first = neglectedOn.get();
    return day.isAfter(first) && !day.isAfter(first.plusDays(CATCH_UP_DAYS));
  }

  private void observe(WayLearning one, LocalDate day, Load load, long since) {
    int days = (int) Math.min(since, LoadEvidence.LONGEST_GATHERING);
    if (days < LEFTOVER_DAYS || isCatchingUp(day)) {
      return;
    }
    if (unwell.contains(day)) {
      one.leftOut++;
      return;
    }
    one.evidence.add(load.grade(), days);
    one.observations++;
    one.totalLoad += load.grade();
    one.totalDays += days;
  }

  private void moveInterval() {
    int learned = way.rate.interval();
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
    if (way.cleanings >= ROUTINE_AFTER_CLEANINGS && inForce < ROUTINE_UNDER_DAYS) {
      routine = true;
    } else if (inForce == ROUTINE_ENDS_AT_DAYS) {
      routine = false;
    }
  }

  private LearnedInterval answer() {
    List<Reason> reasons = new ArrayList<>();
    reasons.add(learned());
    if (growthHeld) {
      reasons.add(growthHeld(way.rate.interval()));
    }
    if (way.leftOut > 0) {
      reasons.add(leftOut());
    }
    DayBand band = way.rate.band();
    reasons.add(band(band));
    if (inForce < LearnedInterval.SHORTEST_PLANNED) {
      reasons.add(floor());
    }
    if (start.checksOnly()) {
      reasons.add(routineWhereChecksWouldDo());
    }
    return new LearnedInterval(inForce, band, way.observations, routine, neglectedOn, reasons);
  }

  private Reason leftOut() {
    String sentence =
        "What came out on %s that %s one for the vet, or under a vet's care, is left out: no wax."
            .formatted(Figures.count(way.leftOut, "day"), way.leftOut == 1 ? "was" : "were");
    return Reason.of(Rule.PLAN_UNWELL, sentence).with("cleanings", way.leftOut);
  }

  private Reason learned() {
    if (way.observations == 0) {
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
            Figures.count(way.observations, way.byWiping ? "wiping" : "cleaning"),
            Figures.count(way.totalDays, "day"),
            way.totalLoad,
            way.evidence.hasHeavy() ? ", heavy as four or more" : "",
            Figures.plain(way.rate.mean()),
            Figures.count(way.rate.interval(), "day"));
    return Reason.of(Rule.PLAN_LEARN, sentence)
        .with("cleanings", way.observations)
        .with("days", way.totalDays)
        .with("load", way.totalLoad)
        .with("loadPerDay", way.rate.mean())
        .with("interval", way.rate.interval());
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
