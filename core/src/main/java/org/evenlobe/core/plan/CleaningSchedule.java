package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Lays the cleanings of one dog on days (rules PLAN_DATE, PLAN_WINDOW, PLAN_TOGETHER).
 *
 * <p>An ear is due its interval after its last cleaning of any kind; one without a cleaning on
 * record, on the day the dog joined. A check that found wax brings it forward (PLAN_WORTH_IT); one
 * that was not quiet makes it wait for the next check (PLAN_WAITS), unless a vet said how to clean
 * it. The dog's date is the earlier of its ears' dates, and both ears are done together if the
 * later one's window has opened by then. What follows counts from that day, or from today where
 * that day has passed.
 */
final class CleaningSchedule {
  private final DogRecord dog;
  private final EarPair<EarCourse> ears;
  private final LocalDate nextCheck;
  private final SkippedItems skips;
  private final LocalDate today;
  private final LocalDate horizon;
  private final List<PlanItem> items = new ArrayList<>();

  /**
   * What an ear's dates are made from.
   *
   * @param plan what is known of it
   * @param bySchool how often the household's school cleans it where no vet says otherwise
   * @param last its last cleaning
   * @param worthIt the check that found wax worth taking out, where nothing has been done about it
   * @param waits whether its latest check was not quiet
   * @param wipedAsYet whether the dog allows no more than wiping
   */
  record EarCourse(
      EarPlan plan,
      Rhythm bySchool,
      Optional<LastCleaned> last,
      Optional<EarLook> worthIt,
      boolean waits,
      boolean wipedAsYet) {}

  private CleaningSchedule(
      DogRecord dog,
      EarPair<EarCourse> ears,
      LocalDate nextCheck,
      SkippedItems skips,
      LocalDate today) {
    this.dog = dog;
    this.ears = ears;
    this.nextCheck = nextCheck;
    this.skips = skips;
    this.today = today;
    this.horizon = today.plusDays(DogPlan.HORIZON_DAYS);
  }

  /** The cleanings planned up to the horizon. */
  static List<PlanItem> items(
      DogRecord dog,
      EarPair<EarCourse> ears,
      LocalDate nextCheck,
      SkippedItems skips,
      LocalDate today) {
    CleaningSchedule schedule = new CleaningSchedule(dog, ears, nextCheck, skips, today);
    List<Turn> turns = new ArrayList<>();
    for (Side side : Side.values()) {
      schedule.firstTurn(side).ifPresent(turns::add);
    }
    schedule.lay(turns);
    return schedule.items;
  }

  /** The next time that one ear comes up. */
  private record Turn(
      Side side, Window window, int interval, UUID fact, int ordinal, List<Reason> reasons) {

    static Turn around(
        Side side, LocalDate best, int interval, UUID fact, int ordinal, List<Reason> reasons) {
      return new Turn(side, Window.around(best, interval), interval, fact, ordinal, reasons);
    }

    LocalDate best() {
      return window.best();
    }

    Turn notBefore(LocalDate day, Reason reason) {
      if (!best().isBefore(day)) {
        return this;
      }
      List<Reason> more = new ArrayList<>(reasons);
      more.add(0, reason);
      LocalDate latest = window.latest().isBefore(day) ? day : window.latest();
      return new Turn(side, new Window(day, day, latest), interval, fact, ordinal, more);
    }
  }

  private Optional<Turn> firstTurn(Side side) {
    EarCourse ear = ears.get(side);
    if (ear.plan().hold().isPresent()) {
      return Optional.empty();
    }
    Optional<Turn> planned =
        ear.plan().order().isPresent()
            ? underOrder(side, ear, ear.plan().order().get())
            : bySchool(side, ear);
    Optional<Turn> waxy = ear.plan().order().isPresent() ? Optional.empty() : worthIt(side, ear);
    Optional<Turn> turn =
        waxy.isPresent() && planned.map(p -> waxy.get().best().isBefore(p.best())).orElse(true)
            ? waxy
            : planned;
    boolean waits = ear.waits() && ear.plan().order().isEmpty();
    return waits ? turn.map(next -> next.notBefore(nextCheck, waits(side))) : turn;
  }

  private Optional<Turn> bySchool(Side side, EarCourse ear) {
    if (!ear.bySchool().routine()) {
      return Optional.empty();
    }
    int interval = ear.bySchool().days();
    if (ear.last().isEmpty()) {
      return Optional.of(
          Turn.around(side, dog.addedOn(), interval, dog.id(), 0, List.of(firstEver(side))));
    }
    LastCleaned last = ear.last().get();
    List<Reason> reasons = new ArrayList<>(ear.bySchool().reasons());
    reasons.add(0, counted(side, last.day(), interval));
    return Optional.of(
        Turn.around(side, last.day().plusDays(interval), interval, last.fact(), 0, reasons));
  }

  /** By the vet's interval while it stands, then by the household's school. */
  private Optional<Turn> underOrder(Side side, EarCourse ear, VetOrder order) {
    if (order.instruction().everyDays().isPresent()) {
      int interval = order.instruction().everyDays().get();
      LocalDate counted =
          ear.last().map(last -> last.day().plusDays(interval)).orElse(order.since());
      LocalDate best = counted.isBefore(order.since()) ? order.since() : counted;
      if (order.standsOn(best)) {
        UUID fact = ear.last().map(LastCleaned::fact).orElse(order.visit());
        return Optional.of(
            Turn.around(side, best, interval, fact, 0, ear.plan().rhythm().reasons()));
      }
    }
    return order
        .instruction()
        .until()
        .flatMap(
            until ->
                bySchool(side, ear)
                    .map(turn -> turn.notBefore(until.plusDays(1), afterOrder(until))));
  }

  private Optional<Turn> worthIt(Side side, EarCourse ear) {
    return ear.worthIt()
        .map(
            look ->
                new Turn(
                    side,
                    new Window(look.day(), look.day(), look.day().plusDays(1)),
                    Math.max(ear.bySchool().days(), LearnedInterval.SHORTEST_PLANNED),
                    look.check(),
                    0,
                    List.of(worthIt(side, look))));
  }

  private void lay(List<Turn> turns) {
    List<Turn> open = new ArrayList<>(turns);
    while (!open.isEmpty()) {
      Turn earliest = earliest(open);
      if (earliest.best().isAfter(horizon)) {
        return;
      }
      LocalDate doneOn = earliest.best().isAfter(today) ? earliest.best() : today;
      List<Turn> done =
          open.stream()
              .filter(turn -> turn.equals(earliest) || !turn.window().earliest().isAfter(doneOn))
              .toList();
      PlanItem item = item(earliest, done);
      Optional<LocalDate> skipped = skips.dayOf(item.id());
      if (skipped.isEmpty()) {
        items.add(item);
      }
      LocalDate from = skipped.isPresent() ? skipped.get() : doneOn;
      List<Turn> next = new ArrayList<>();
      for (Turn turn : open) {
        if (!done.contains(turn)) {
          next.add(turn);
        } else {
          next(turn, from, skipped.map(day -> skips.reasonOf(item.id()))).ifPresent(next::add);
        }
      }
      open = next;
    }
  }

  private static Turn earliest(List<Turn> open) {
    Turn earliest = open.get(0);
    for (Turn turn : open) {
      if (turn.best().isBefore(earliest.best())) {
        earliest = turn;
      }
    }
    return earliest;
  }

  /** What follows a turn, by whatever rhythm stands on that day. */
  private Optional<Turn> next(Turn turn, LocalDate doneOn, Optional<String> skipped) {
    EarCourse ear = ears.get(turn.side());
    LocalDate best = doneOn.plusDays(turn.interval());
    int interval = turn.interval();
    Optional<VetOrder> order = ear.plan().order();
    boolean ordered = order.isPresent() && order.get().standsOn(best);
    if (!ordered) {
      if (!ear.bySchool().routine()) {
        return Optional.empty();
      }
      interval = ear.bySchool().days();
      best = doneOn.plusDays(interval);
    }
    Reason reason =
        skipped.map(why -> skippedBefore(turn.side(), why)).orElse(repeated(turn.side(), interval));
    return Optional.of(
        Turn.around(turn.side(), best, interval, turn.fact(), turn.ordinal() + 1, List.of(reason)));
  }

  private PlanItem item(Turn lead, List<Turn> done) {
    List<Reason> reasons = new ArrayList<>();
    done.forEach(turn -> reasons.addAll(turn.reasons()));
    if (done.size() > 1) {
      reasons.add(together(lead));
    }
    reasons.add(window(lead));
    for (Turn turn : done) {
      EarPlan ear = ears.get(turn.side()).plan();
      if (ear.mayGoIn() == MayGoIn.WIPE && ear.order().isEmpty()) {
        reasons.add(wipeOnly(turn.side()));
      } else if (ears.get(turn.side()).wipedAsYet() && ear.order().isEmpty()) {
        reasons.add(wipedAsYet(turn.side()));
      }
    }
    reasons.add(lookFirst());
    return new PlanItem(
        String.join(
            ":",
            dog.id().toString(),
            PlanItem.Kind.CLEAN.name(),
            lead.side().name(),
            lead.fact().toString(),
            Integer.toString(lead.ordinal())),
        PlanItem.Kind.CLEAN,
        done.stream().map(Turn::side).toList(),
        lead.window(),
        Standing.of(lead.window(), today),
        false,
        reasons);
  }

  private static Reason firstEver(Side side) {
    return Reason.of(
        Rule.PLAN_FIRST,
        "No cleaning of the "
            + side.ear()
            + " is on record. If it looks waxy and not sore, a first one now is what all later dates"
            + " count from.");
  }

  private Reason counted(Side side, LocalDate last, int interval) {
    int daysAgo = (int) ChronoUnit.DAYS.between(last, today);
    String ago = daysAgo == 0 ? "today" : "%s ago".formatted(Figures.count(daysAgo, "day"));
    return Reason.of(
            Rule.PLAN_DATE,
            "The %s was last cleaned %s and is planned every %s."
                .formatted(side.ear(), ago, Figures.count(interval, "day")))
        .with("daysAgo", daysAgo)
        .with("interval", interval);
  }

  private static Reason worthIt(Side side, EarLook look) {
    return Reason.of(
        Rule.PLAN_WORTH_IT,
        "The check of %s found wax in the %s that is worth taking out (%s)."
            .formatted(Figures.date(look.day()), side.ear(), Verdict.CLEAN.words()));
  }

  private Reason waits(Side side) {
    return Reason.of(
        Rule.PLAN_WAITS,
        "The last check of the %s was not quiet: its cleaning waits for the check of %s."
            .formatted(side.ear(), Figures.date(nextCheck)));
  }

  private static Reason afterOrder(LocalDate until) {
    return Reason.of(
        Rule.PLAN_VET,
        "Your vet's instruction stands until %s; after it, your household's own rhythm does."
            .formatted(Figures.date(until)));
  }

  private static Reason skippedBefore(Side side, String why) {
    return Reason.of(
        Rule.PLAN_SKIPPED,
        "The cleaning of the %s before was skipped: “%s”.".formatted(side.ear(), why));
  }

  private static Reason wipedAsYet(Side side) {
    return Reason.of(
        Rule.PLAN_WIPE_ONLY,
        "It allows wiping as yet (rung 5): pour nothing into the %s.".formatted(side.ear()));
  }

  private static Reason wipeOnly(Side side) {
    return Reason.of(
        Rule.PLAN_WIPE_ONLY,
        "Pour nothing into the %s: only wipe what you can see.".formatted(side.ear()));
  }

  private static Reason repeated(Side side, int interval) {
    return Reason.of(
            Rule.PLAN_DATE,
            "The %s, %s after the cleaning planned before."
                .formatted(side.ear(), Figures.count(interval, "day")))
        .with("interval", interval);
  }

  private static Reason together(Turn lead) {
    return Reason.of(
        Rule.PLAN_TOGETHER,
        "The %s sets the day; the other's window has opened by then, so both are done at once."
            .formatted(lead.side().ear()));
  }

  private static Reason window(Turn lead) {
    int slack = (int) ChronoUnit.DAYS.between(lead.best(), lead.window().latest());
    return Reason.of(
            Rule.PLAN_WINDOW,
            lead.window().earliest().equals(lead.best())
                ? "Up to %s later is as good.".formatted(Figures.count(slack, "day"))
                : "Up to %s earlier or later is as good.".formatted(Figures.count(slack, "day")))
        .with("slack", slack);
  }

  private static Reason lookFirst() {
    return Reason.of(
        Rule.PLAN_LOOK_FIRST,
        "Look and sniff first. If an ear is red, swollen, sore or painful, smells sweet or foul, or"
            + " shows anything but tan or brown wax, pour nothing into it and call your vet.");
  }
}
