package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
 * record, on the day the dog joined. The dog's date is the earlier of its ears' dates, and both
 * ears are done together if the later one's window has opened by then. What follows counts from
 * that day, or from today where that day has passed.
 */
final class CleaningSchedule {
  private final DogRecord dog;
  private final LocalDate today;
  private final LocalDate horizon;
  private final List<PlanItem> items = new ArrayList<>();

  private CleaningSchedule(DogRecord dog, LocalDate today) {
    this.dog = dog;
    this.today = today;
    this.horizon = today.plusDays(DogPlan.HORIZON_DAYS);
  }

  /** The cleanings planned up to the horizon. */
  static List<PlanItem> items(
      DogRecord dog, EarPair<EarPlan> ears, EarPair<Optional<EarDay>> last, LocalDate today) {
    CleaningSchedule schedule = new CleaningSchedule(dog, today);
    List<Turn> turns = new ArrayList<>();
    for (Side side : Side.values()) {
      EarPlan ear = ears.get(side);
      if (ear.rhythm().routine()) {
        turns.add(schedule.firstTurn(side, ear, last.get(side)));
      }
    }
    schedule.lay(turns);
    return schedule.items;
  }

  /** The next time that one ear comes up. */
  private record Turn(
      Side side, LocalDate best, int interval, UUID fact, int ordinal, List<Reason> reasons) {

    Window window() {
      return Window.around(best, interval);
    }
  }

  private Turn firstTurn(Side side, EarPlan ear, Optional<EarDay> last) {
    int interval = ear.rhythm().days();
    if (last.isEmpty()) {
      return new Turn(side, dog.addedOn(), interval, dog.id(), 0, List.of(firstEver(side)));
    }
    LocalDate day = last.get().cleaning().day();
    List<Reason> reasons = new ArrayList<>(ear.rhythm().reasons());
    reasons.add(0, counted(side, (int) ChronoUnit.DAYS.between(day, today), interval));
    return new Turn(side, day.plusDays(interval), interval, last.get().fact(), 0, reasons);
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
      items.add(item(earliest, done));
      open.replaceAll(turn -> done.contains(turn) ? next(turn, doneOn) : turn);
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

  private Turn next(Turn turn, LocalDate doneOn) {
    return new Turn(
        turn.side(),
        doneOn.plusDays(turn.interval()),
        turn.interval(),
        turn.fact(),
        turn.ordinal() + 1,
        List.of(repeated(turn)));
  }

  private PlanItem item(Turn lead, List<Turn> done) {
    Window window = lead.window();
    List<Reason> reasons = new ArrayList<>();
    done.forEach(turn -> reasons.addAll(turn.reasons()));
    if (done.size() > 1) {
      reasons.add(together(lead));
    }
    reasons.add(window(lead));
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
        window,
        Standing.of(window, today),
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

  private static Reason counted(Side side, int daysAgo, int interval) {
    String ago = daysAgo == 0 ? "today" : "%s ago".formatted(Figures.count(daysAgo, "day"));
    return Reason.of(
            Rule.PLAN_DATE,
            "The %s was last cleaned %s and is planned every %s."
                .formatted(side.ear(), ago, Figures.count(interval, "day")))
        .with("daysAgo", daysAgo)
        .with("interval", interval);
  }

  private static Reason repeated(Turn turn) {
    return Reason.of(
            Rule.PLAN_DATE,
            "The %s, %s after the cleaning planned before."
                .formatted(turn.side().ear(), Figures.count(turn.interval(), "day")))
        .with("interval", turn.interval());
  }

  private static Reason together(Turn lead) {
    return Reason.of(
        Rule.PLAN_TOGETHER,
        "The %s sets the day; the other's window has opened by then, so both are done at once."
            .formatted(lead.side().ear()));
  }

  private static Reason window(Turn lead) {
    int slack = Window.slack(lead.interval());
    return Reason.of(
            Rule.PLAN_WINDOW,
            "Up to %s earlier or later is as good.".formatted(Figures.count(slack, "day")))
        .with("slack", slack);
  }

  private static Reason lookFirst() {
    return Reason.of(
        Rule.PLAN_LOOK_FIRST,
        "Look and sniff first. If an ear is red, swollen, sore or painful, smells sweet or foul, or"
            + " shows anything but tan or brown wax, pour nothing into it and call your vet.");
  }
}
