package org.evenlobe.core.plan.turn;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Pin;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Lays the cleanings of one dog on days (rules PLAN_WINDOW, PLAN_TOGETHER, PLAN_GROOMING,
 * PLAN_PINNED).
 *
 * <p>The dog's date is the earlier of its ears' dates, and both ears are done together if the later
 * one's window has opened by then. A grooming day inside the window takes it; a person's own word
 * stands above both. What follows counts from that day, or from today where that day has passed.
 */
public final class CleaningSchedule {
  private final Situation now;
  private final EarPair<EarCourse> ears;
  private final EarPair<EarTurns> turns;
  private final List<PlanItem> items = new ArrayList<>();

  private CleaningSchedule(Situation now, EarPair<EarCourse> ears, LocalDate nextCheck) {
    this.now = now;
    this.ears = ears;
    this.turns = EarPair.bySide(side -> new EarTurns(now, side, ears.get(side), nextCheck));
  }

  /** The cleanings planned up to the horizon. */
  public static List<PlanItem> items(Situation now, EarPair<EarCourse> ears, LocalDate nextCheck) {
    CleaningSchedule schedule = new CleaningSchedule(now, ears, nextCheck);
    List<Turn> first = new ArrayList<>();
    for (Side side : Side.values()) {
      schedule.turns.get(side).first().flatMap(schedule::unlessSkipped).ifPresent(first::add);
    }
    schedule.lay(first);
    return schedule.items;
  }

  private void lay(List<Turn> first) {
    List<Turn> open = new ArrayList<>(first);
    while (!open.isEmpty()) {
      Turn earliest = earliest(open);
      if (earliest.best().isAfter(now.horizon())) {
        return;
      }
      Placed placed = place(earliest);
      LocalDate doneOn = now.notPast(placed.window().best());
      List<Turn> done =
          open.stream()
              .filter(
                  turn ->
                      turn.equals(earliest)
                          || (turn.joins() && !turn.window().earliest().isAfter(doneOn)))
              .toList();
      items.add(item(earliest, placed, done));
      List<Turn> next = new ArrayList<>();
      for (Turn turn : open) {
        if (done.contains(turn)) {
          turns
              .get(turn.side())
              .next(turn, latest(turn.side(), doneOn), Optional.empty())
              .flatMap(this::unlessSkipped)
              .ifPresent(next::add);
        } else {
          next.add(turn);
        }
      }
      open = next;
    }
  }

  /** The latest day on which that ear is to be cleaned so far: a person may put one before. */
  private LocalDate latest(Side side, LocalDate doneOn) {
    return items.stream()
        .filter(item -> item.ears().contains(side))
        .map(item -> now.notPast(item.window().best()))
        .reduce(doneOn, Figures::later);
  }

  /** The turn, or the one that follows where a person skipped it: counted from its own day on. */
  private Optional<Turn> unlessSkipped(Turn turn) {
    Optional<Turn> left = Optional.of(turn);
    while (left.isPresent() && now.moves().anySkips()) {
      Turn skipped = left.get();
      Optional<Skip> skip = now.moves().skipped(id(List.of(skipped)));
      if (skip.isEmpty()) {
        return left;
      }
      LocalDate from = Figures.later(skipped.best(), skip.get().day());
      left = turns.get(skipped.side()).next(skipped, from, skip.map(Skip::reason));
    }
    return left;
  }

  private static Turn earliest(List<Turn> open) {
    Turn earliest = open.get(0);
    for (Turn turn : open) {
      if (turn.isBefore(earliest)) {
        earliest = turn;
      }
    }
    return earliest;
  }

  /** A turn's window once the grooming day and the person's own word have moved its best day. */
  private record Placed(Window window, PlanItem.FixedBy by, Optional<Reason> why) {}

  private Placed place(Turn lead) {
    Optional<Pin> pin =
        now.moves().anyPins() ? now.moves().pinned(id(List.of(lead))) : Optional.empty();
    if (pin.isPresent()) {
      return new Placed(
          lead.window().with(pin.get().on()),
          PlanItem.FixedBy.PERSON,
          Optional.of(PlanItem.pinned(pin.get())));
    }
    PlanItem.FixedBy by = PlanItem.FixedBy.NOBODY;
    return now.preferences()
        .grooming()
        .filter(rhythm -> !lead.fixed())
        .flatMap(
            rhythm ->
                rhythm.nearest(
                    now.notPast(lead.window().earliest()),
                    now.notPast(lead.best()),
                    lead.window().latest()))
        .map(day -> new Placed(lead.window().with(day), by, Optional.of(grooming(day))))
        .orElse(new Placed(lead.window(), by, Optional.empty()));
  }

  private PlanItem.Id id(List<Turn> done) {
    return new PlanItem.Id(
        now.dog().id(),
        PlanItem.Kind.CLEAN,
        done.stream()
            .sorted(Comparator.comparing(Turn::side))
            .map(turn -> PlanItem.Id.Origin.of(turn.side(), turn.fact(), turn.ordinal()))
            .toList());
  }

  private PlanItem item(Turn lead, Placed placed, List<Turn> done) {
    List<Reason> reasons = new ArrayList<>();
    done.forEach(turn -> reasons.addAll(turn.reasons()));
    if (done.size() > 1) {
      reasons.add(together(lead));
    }
    reasons.add(window(lead));
    placed.why().ifPresent(reasons::add);
    for (Turn turn : done) {
      EarPlan ear = ears.get(turn.side()).plan();
      if (ear.mayGoIn() == MayGoIn.WIPE) {
        reasons.add(wipeOnly(turn.side()));
      } else if (ears.get(turn.side()).wipedAsYet()) {
        reasons.add(wipedAsYet(turn.side()));
      }
    }
    reasons.add(lookFirst());
    PlanItem.Id id = id(done);
    return new PlanItem(
        id,
        PlanItem.Kind.CLEAN,
        done.stream().map(Turn::side).toList(),
        Optional.empty(),
        placed.window(),
        lead.window(),
        Standing.of(placed.window(), now.today()),
        false,
        placed.by(),
        now.moves().pins(id),
        reasons,
        Optional.empty());
  }

  private static Reason grooming(LocalDate day) {
    return Reason.of(
        Rule.PLAN_GROOMING,
        "%s is your grooming day and lies in the window: the ears come after the bath."
            .formatted(Quantities.day(day)));
  }

  private static Reason wipedAsYet(Side side) {
    return Reason.of(
        Rule.PLAN_WIPE_ONLY,
        "It allows wiping as yet (step 5 of practising): pour nothing into the %s."
            .formatted(side.ear()));
  }

  private static Reason wipeOnly(Side side) {
    return Reason.of(
        Rule.PLAN_WIPE_ONLY,
        "Pour nothing into the %s: only wipe what you can see.".formatted(side.ear()));
  }

  private static Reason together(Turn lead) {
    return Reason.of(
        Rule.PLAN_TOGETHER,
        "The %s sets the day; the other's window has opened by then, so both are done at once."
            .formatted(lead.side().ear()));
  }

  private static Reason window(Turn lead) {
    int slack = (int) ChronoUnit.DAYS.between(lead.best(), lead.window().latest());
    String sentence;
    if (slack == 0) {
      sentence = "It is to be done on that day.";
    } else if (lead.window().earliest().equals(lead.best())) {
      sentence = "Up to " + Figures.count(slack, "day") + " later is as good.";
    } else {
      sentence = "Up to " + Figures.count(slack, "day") + " earlier or later is as good.";
    }
    return Reason.of(Rule.PLAN_WINDOW, sentence).with("slack", slack);
  }

  private static Reason lookFirst() {
    return Reason.of(
        Rule.PLAN_LOOK_FIRST,
        "Look and sniff first. If an ear is red, swollen, sore or painful, smells sweet or foul, or"
            + " shows anything but tan or brown wax, pour nothing into it and call your vet.");
  }
}
