package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.course.Waiting;
import org.evenlobe.core.history.LoadLine;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.CleanBefore;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The cleanings that a vet ordered (rules PLAN_VET, COURSE_CLEANS): so many times on each day,
 * every so many days, on named weekdays, or once. They know no guard and no learned date; one that
 * was missed is not made up. For example "twice a day for ten days" is twenty, at 8 and at 20.
 */
public final class OrderSchedule {
  private final Situation now;
  private final TreeMap<Slot, List<Part>> slots = new TreeMap<>();

  private OrderSchedule(Situation now) {
    this.now = now;
  }

  /** When on which day; of one day, the earlier hour first. */
  private record Slot(LocalDate day, LocalTime hour, boolean timed) implements Comparable<Slot> {
    @Override
    public int compareTo(Slot other) {
      int byDay = day.compareTo(other.day);
      int byHour = byDay == 0 ? hour.compareTo(other.hour) : byDay;
      return byHour == 0 ? Boolean.compare(timed, other.timed) : byHour;
    }
  }

  /** One ear's share of it. */
  private record Part(Side side, Reason reason, UUID from, int ordinal, String which) {}

  /** Those up to the horizon, for the ears into which something may go. */
  public static List<PlanItem> items(Situation now, EarPair<EarCourse> ears) {
    OrderSchedule schedule = new OrderSchedule(now);
    for (Side side : Side.values()) {
      EarPlan ear = ears.get(side).plan();
      if (ear.mayGoIn() != MayGoIn.NONE) {
        Optional<VetOrder> byWord = ear.order().filter(order -> !order.comesFromALabel());
        byWord.filter(VetOrder::cleans).ifPresent(order -> schedule.lay(side, order));
        if (byWord.isEmpty() && ear.hold().isEmpty()) {
          ear.course().filter(UnderCourse::cleans).ifPresent(course -> schedule.lay(side, course));
        }
      }
    }
    List<PlanItem> items = new ArrayList<>();
    schedule.slots.forEach(
        (slot, parts) -> {
          PlanItem item = schedule.item(slot, parts);
          if (now.moves().skipped(item.id()).isEmpty()) {
            items.add(now.moves().placed(item, now.today()));
          }
        });
    return items;
  }

  /** The last day up to its end on which an ear is cleaned by an order. */
  static LocalDate lastDay(Situation now, Side side, VetOrder order, LocalDate until) {
    HowOften often = order.instruction().howOften().orElseThrow();
    LocalDate counted =
        last(now, side, order)
            .filter(fact -> often.kind() == HowOften.Kind.EVERY_DAYS)
            .map(Dated::day)
            .orElse(order.since());
    LocalDate day = until;
    while (day.isAfter(order.since()) && !often.fallsOn(day, counted)) {
      day = day.minusDays(1);
    }
    return day;
  }

  /** The last time that it was cleaned since the order was given. */
  private static Optional<Dated> last(Situation now, Side side, VetOrder order) {
    return now.lastCleaned(side).filter(fact -> counts(order, fact));
  }

  /** What the vet cleaned at the visit is the first. */
  private static boolean counts(VetOrder order, Dated cleaned) {
    return order.precedes(cleaned) || cleaned.id().equals(order.visit());
  }

  private void lay(Side side, VetOrder order) {
    HowOften often = order.instruction().howOften().orElseThrow();
    Optional<Dated> last = last(now, side, order);
    if (often.kind() == HowOften.Kind.ONCE) {
      // what the vet cleaned at the visit is not what was to be done after it
      if (last.filter(fact -> !fact.id().equals(order.visit())).isEmpty()) {
        add(
            order.since(),
            LocalTime.MIN,
            false,
            new Part(side, ordered(order), order.visit(), 0, ""));
      }
      return;
    }
    boolean counts = often.kind() == HowOften.Kind.EVERY_DAYS && last.isPresent();
    LocalDate counted = counts ? last.orElseThrow().day() : order.since();
    UUID from = counts ? last.orElseThrow().id() : order.visit();
    for (LocalDate day = now.today();
        !day.isAfter(now.horizon()) && order.standsOn(day);
        day = day.plusDays(1)) {
      if (often.fallsOn(day, counted)) {
        lay(side, order, day, from, (int) ChronoUnit.DAYS.between(counted, day));
      }
    }
  }

  private void lay(Side side, VetOrder order, LocalDate day, UUID from, int daysOn) {
    HowOften often = order.instruction().howOften().orElseThrow();
    int times = often.timesOnADay();
    List<LocalTime> hours = often.hours();
    int done = day.equals(now.today()) ? done(side, order, day) : 0;
    BeforeDoses doses = BeforeDoses.of(now, side, day);
    for (int i = done; i < times; i++) {
      Optional<LocalTime> said = hours.isEmpty() ? Optional.empty() : Optional.of(hours.get(i));
      Optional<BeforeDoses.Slot> slot = doses.slot(said);
      Optional<LocalTime> hour = slot.map(BeforeDoses.Slot::at).or(() -> said);
      String which =
          (times == 1
                  ? ""
                  : " This is number %d of %d on the day, about %s."
                      .formatted(i + 1, times, clock(hour.orElseThrow())))
              + slot.map(BeforeDoses.Slot::words).orElse("")
              + doses.tooSoonAfter(hour).orElse("");
      add(
          day,
          hour.orElse(LocalTime.MIN),
          hour.isPresent(),
          new Part(side, ordered(order), from, daysOn * HowOften.MOST_TIMES + i, which));
    }
  }

  /** The cleanings of a course of medicine (rule COURSE_CLEANS). */
  private void lay(Side side, UnderCourse course) {
    boolean untilClean = course.course().cleanBefore().kind() == CleanBefore.Kind.UNTIL_CLEAN;
    if (untilClean && cameOutClean(side, course)) {
      return;
    }
    int done = now.history().loads(side).byAnyone(now.today(), now.today()).size();
    for (LocalDate day = now.today();
        !day.isAfter(now.horizon()) && course.isOn(day);
        day = day.plusDays(1)) {
      List<Optional<LocalTime>> times = course.cleanings(day);
      for (int i = day.equals(now.today()) ? done : 0; i < times.size(); i++) {
        lay(side, course, day, times.get(i), i);
        if (untilClean) {
          // whether there is another one is told by this
          return;
        }
      }
    }
  }

  private void lay(
      Side side, UnderCourse course, LocalDate day, Optional<LocalTime> dose, int number) {
    int daysOn = (int) ChronoUnit.DAYS.between(course.course().startsOn(), day);
    int wait = Waiting.minutes(course.course(), now.medicineWait());
    Optional<LocalTime> before = dose.map(at -> BeforeDoses.before(at, wait));
    add(
        day,
        before.orElse(LocalTime.MIN),
        before.isPresent(),
        new Part(
            side,
            ordered(course),
            course.course().id(),
            daysOn * HowOften.MOST_TIMES + number,
            dose.map(
                    time ->
                        " Before the dose of %s: clean, wait %s, then the dose."
                            .formatted(clock(time), Figures.count(wait, "minute")))
                .orElse("")));
  }

  private boolean cameOutClean(Side side, UnderCourse course) {
    List<LoadLine.Pass> passes = now.history().loads(side).passes();
    return !passes.isEmpty()
        && !passes.get(passes.size() - 1).fact().day().isBefore(course.course().startsOn())
        && passes.get(passes.size() - 1).ear().load().grade() == 0;
  }

  /** What a course says of cleaning, in a sentence. */
  static Reason ordered(UnderCourse course) {
    String until =
        course.until().map(last -> ", until " + Quantities.day(last)).orElse(", until it is over");
    CleanBefore before = course.course().cleanBefore();
    String often =
        switch (before.kind()) {
          case NEVER -> "no cleaning of its own";
          case EACH_DOSE -> "clean before each dose";
          case UNTIL_CLEAN -> "clean each day until nothing comes out";
          case SO_OFTEN -> "clean " + before.howOften().orElseThrow().words();
        };
    return Reason.of(
        Rule.COURSE_CLEANS,
        "By the course of %s: %s%s.".formatted(course.course().what(), often, until));
  }

  private static String clock(LocalTime time) {
    return "%d:%02d".formatted(time.getHour(), time.getMinute());
  }

  private int done(Side side, VetOrder order, LocalDate day) {
    return (int)
        now.history().loads(side).byAnyone(day, day).stream()
            .filter(fact -> counts(order, fact))
            .count();
  }

  private void add(LocalDate day, LocalTime hour, boolean timed, Part part) {
    slots.computeIfAbsent(new Slot(day, hour, timed), slot -> new ArrayList<>()).add(part);
  }

  private PlanItem item(Slot slot, List<Part> parts) {
    List<Reason> reasons = new ArrayList<>();
    for (Part part : parts) {
      reasons.add(
          Reason.of(
              part.reason().rule(),
              "The %s. %s%s".formatted(part.side().ear(), part.reason().sentence(), part.which())));
    }
    reasons.add(lookFirst());
    LocalDate day = slot.day();
    return PlanItem.ordered(
        new PlanItem.Id(
            now.dog().id(),
            PlanItem.Kind.CLEAN,
            parts.stream()
                .map(part -> PlanItem.Id.Origin.of(part.side(), part.from(), part.ordinal()))
                .toList()),
        parts.stream().map(Part::side).toList(),
        slot.timed() ? Optional.of(slot.hour()) : Optional.empty(),
        new Window(day, day, day),
        now.today(),
        reasons);
  }

  /** What was ordered, in a sentence. */
  static Reason ordered(VetOrder order) {
    return Reason.of(
        Rule.PLAN_VET,
        "Your vet said on %s: clean it %s."
            .formatted(Quantities.day(order.since()), order.words()));
  }

  private static Reason lookFirst() {
    return Reason.of(
        Rule.PLAN_LOOK_FIRST,
        "Your vet knows how this ear looks. If it is worse than then, or hurts more, pour nothing in"
            + " and call before you go on.");
  }
}
