package org.evenlobe.core.history;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.ToldAsked;

/**
 * What others told of one ear and nobody has looked at since (rule CHECK_TOLD). Each sign stays
 * until a check of that ear asks it by name, a vet has seen the dog, or has said in a call to go
 * on. For example "it hurts", told on Monday by the groomer, closes the ear until somebody has
 * looked and answered.
 */
final class ToldLine {
  private final Side side;
  private final List<ToldOpen> open = new ArrayList<>();
  private final Set<Answer> answers = new HashSet<>();

  /** What a check has answered: it may be of the same minute, and stand before what was told. */
  private record Answer(UUID told, Told.Seen seen) {}

  ToldLine(Side side) {
    this.side = side;
  }

  /** Takes what was told, without what is no more than usual. */
  void take(Told told, Set<Told.Seen> seen) {
    Set<Told.Seen> unanswered =
        seen.stream()
            .filter(one -> !answers.contains(new Answer(told.id(), one)))
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Told.Seen.class)));
    if (!unanswered.isEmpty()) {
      open.add(new ToldOpen(told, unanswered));
    }
  }

  /**
   * Takes what a check asked.
   *
   * @param sawThis whether this ear was looked into
   * @param sawAny whether either was: a sign of the whole dog is asked of either
   */
  void take(List<ToldAsked> asked, boolean sawThis, boolean sawAny) {
    if (sawThis) {
      open.removeIf(one -> !one.told().asksBack());
    }
    for (ToldAsked one : asked) {
      if (one.seen().isOfTheDog() ? sawAny : sawThis && one.isOf(side)) {
        answered(one.told(), one.seen());
      }
    }
  }

  private void answered(UUID told, Told.Seen seen) {
    answers.add(new Answer(told, seen));
    for (int i = open.size() - 1; i >= 0; i--) {
      ToldOpen one = open.get(i);
      if (one.told().id().equals(told)) {
        Set<Told.Seen> left = EnumSet.copyOf(one.seen());
        left.remove(seen);
        if (left.isEmpty()) {
          open.remove(i);
        } else {
          open.set(i, new ToldOpen(one.told(), left));
        }
      }
    }
  }

  /** A vet has seen the dog, or has heard of it and said to go on. */
  void clear() {
    open.clear();
  }

  /** What was told and is open, the earliest first. */
  List<ToldOpen> open() {
    return List.copyOf(open);
  }
}
