package org.evenlobe.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.SeenThing;
import org.evenlobe.core.rule.Rule;

/**
 * What to do after a check: the most pressing thing in one sentence, then the steps. What may go
 * into an ear is said before anything else is.
 */
final class Advising {
  private final EarPair<EarVerdict> ears;
  private final EarPair<EarFinding> finding;
  private final EarPair<Optional<Hold>> holds;
  private final List<String> steps = new ArrayList<>();

  private Advising(
      EarPair<EarVerdict> ears, EarPair<EarFinding> finding, EarPair<Optional<Hold>> holds) {
    this.ears = ears;
    this.finding = finding;
    this.holds = holds;
  }

  static Advice advice(
      EarPair<EarVerdict> ears, EarPair<EarFinding> finding, EarPair<Optional<Hold>> holds) {
    Advising advising = new Advising(ears, finding, holds);
    return new Advice(advising.now(), advising.steps());
  }

  private Verdict worst() {
    return ears.right().verdict().or(ears.left().verdict());
  }

  private String now() {
    return switch (worst()) {
      case URGENT -> "Call your vet and go today.";
      case STOP ->
          worseUnderOrder()
              ? "Worse than when the vet saw it: call before you go on. Pour nothing into %s."
                  .formatted(with(Verdict.STOP))
              : "Pour nothing into %s; call your vet today or tomorrow."
                  .formatted(with(Verdict.STOP));
      case NOT_SEEN ->
          "Put nothing into %s: nobody could look. Practise, and try again with a helper."
              .formatted(with(Verdict.NOT_SEEN));
      case CAUTION ->
          "Wipe only what you can see of %s, and look again in 3 days."
              .formatted(with(Verdict.CAUTION));
      case CLEAN -> cleanNow();
      case LEAVE -> held().isEmpty() ? "Leave both ears alone." : stillHeld();
    };
  }

  private String cleanNow() {
    List<Side> ordered = sides(side -> has(side, Rule.CHECK_ORDER));
    if (!ordered.isEmpty()) {
      return "Go on as your vet ordered with %s.".formatted(names(ordered));
    }
    List<Side> waxy = sides(side -> ears.get(side).verdict() == Verdict.CLEAN);
    List<Side> open = waxy.stream().filter(side -> !held().contains(side)).toList();
    if (open.isEmpty()) {
      return stillHeld();
    }
    boolean wipe = open.stream().anyMatch(side -> ears.get(side).mayGoIn() == MayGoIn.WIPE);
    return wipe
        ? "Wipe what you can see of %s, today or tomorrow.".formatted(names(open))
        : "Clean %s, today or tomorrow.".formatted(names(open));
  }

  private boolean worseUnderOrder() {
    return Stream.of(Side.values()).anyMatch(side -> has(side, Rule.CHECK_WORSE));
  }

  private boolean has(Side side, Rule rule) {
    return ears.get(side).reasons().stream().anyMatch(why -> why.reason().rule() == rule);
  }

  private String stillHeld() {
    return "Quiet, but %s %s still held: pour nothing in."
        .formatted(names(held()), held().size() == 2 ? "are" : "is");
  }

  private List<String> steps() {
    switch (worst()) {
      case URGENT -> {
        steps.add("Put nothing into either ear, and do not clean them.");
        steps.add("Keep the dog calm and away from stairs and water on the way.");
        steps.add("Tell them what is on the card.");
      }
      case STOP -> {
        steps.add(
            "Do not clean %s; leave what is there for the vet to see."
                .formatted(with(Verdict.STOP)));
        steps.add("Keep it dry until then: no swimming, no bath.");
        steps.add("Tell them what is on the card.");
        steps.add("If the head tilts, it stumbles or pain gets severe: go at once.");
      }
      case CAUTION -> {
        steps.add("No liquid goes into %s until it is better.".formatted(with(Verdict.CAUTION)));
        steps.add("Keep it dry.");
        steps.add("If it is no better in 3 days, call your vet.");
      }
      case NOT_SEEN, CLEAN, LEAVE -> {}
    }
    unseen();
    other();
    firstThings();
    notes();
    holdSteps();
    return List.copyOf(steps);
  }

  /** What is to be done about an ear that nobody could look into. */
  private void unseen() {
    for (Side side : Side.values()) {
      if (!finding.get(side).couldLook()) {
        steps.add(
            "The %s was not seen: nothing goes in, nor a wipe, until it is. Try again tomorrow, with a helper and treats."
                .formatted(side.ear()));
      }
    }
  }

  /** What is done away with first, and how. */
  private void firstThings() {
    for (Side side : Side.values()) {
      EarFinding found = finding.get(side);
      if (found.has(SeenThing.HAIR_BLOCKING)) {
        steps.add(first(side, "the hair. Comb it out and trim round the opening with blunt tips"));
      }
      if (found.has(SeenThing.MAT_UNDER_FLAP)) {
        steps.add(first(side, "the mat under the flap. Comb or trim it out"));
      }
      if (found.has(SeenThing.LUMP_BLOCKING)) {
        steps.add(
            "The %s: a lump blocks it. Only wipe, and show it to your vet.".formatted(side.ear()));
      }
    }
  }

  private static String first(Side side, String what) {
    return "The %s: first %s, never toward the canal; look at the ear again today, and only wipe until then."
        .formatted(side.ear(), what);
  }

  /** What decides nothing and is to be known. */
  private void notes() {
    if (any(SeenThing.FLEAS)) {
      steps.add("Fleas: the whole dog needs treating, or the itch stays.");
    }
    if (any(SeenThing.FLAKING)) {
      steps.add("Dry, flaking skin without redness: the ears may be cleaned too often.");
    }
    if (any(SeenThing.LUMP)) {
      steps.add("A lump: show it to your vet at the next visit, and sooner if it grows or bleeds.");
    }
    if (any(SeenThing.THICKENED)) {
      steps.add("Thickened skin: if your vet does not know of it, have it looked at.");
    }
  }

  private boolean any(SeenThing thing) {
    return finding.right().has(thing) || finding.left().has(thing);
  }

  /** What the better ear wants, where the two differ. */
  private void other() {
    if (worst() == Verdict.URGENT) {
      return;
    }
    for (Side side : Side.values()) {
      EarVerdict ear = ears.get(side);
      if (ear.verdict() == worst() || holds.get(side).isPresent()) {
        continue;
      }
      switch (ear.verdict()) {
        case CAUTION -> steps.add("The %s: wipe only what you can see.".formatted(side.ear()));
        case CLEAN ->
            steps.add(
                has(side, Rule.CHECK_ORDER)
                    ? "The %s: as your vet ordered.".formatted(side.ear())
                    : "The %s is waxy: %s"
                        .formatted(
                            side.ear(),
                            ear.mayGoIn() == MayGoIn.IN_EAR
                                ? "cleaning it is worth it, with a cloth of its own."
                                : "wipe what you can see, with a cloth of its own."));
        case NOT_SEEN -> {}
        default -> steps.add("The %s is quiet: leave it alone.".formatted(side.ear()));
      }
    }
  }

  private void holdSteps() {
    for (Side side : held()) {
      Hold hold = holds.get(side).orElseThrow();
      steps.add(
          hold.mayConfirm()
              ? "The %s has been quiet long enough: you may confirm that its hold is over."
                  .formatted(side.ear())
              : "The %s stays held. %s"
                  .formatted(side.ear(), hold.reasons().get(hold.reasons().size() - 1).sentence()));
    }
  }

  private List<Side> held() {
    return sides(side -> holds.get(side).isPresent());
  }

  private String with(Verdict verdict) {
    return names(sides(side -> ears.get(side).verdict() == verdict));
  }

  private static List<Side> sides(Predicate<Side> which) {
    return Stream.of(Side.values()).filter(which).toList();
  }

  private static String names(List<Side> sides) {
    return sides.size() == 2 ? "both ears" : "the " + sides.get(0).ear();
  }
}
