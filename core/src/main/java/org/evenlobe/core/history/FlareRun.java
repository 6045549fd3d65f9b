package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Smear;
import org.evenlobe.core.record.VisitRecord;

/** Finds flares in checks and visits that are told oldest first (rule TREND_FLARE). */
final class FlareRun {
  private final List<Flare> over = new ArrayList<>();
  private Optional<LocalDate> start = Optional.empty();
  private final Set<Side> ears = EnumSet.noneOf(Side.class);
  private final Set<Side> uncovered = EnumSet.noneOf(Side.class);
  private int peak;
  private int checks;
  private int quietInARow;
  private boolean severe;
  private boolean lasting;
  private Optional<LocalDate> lastTrouble = Optional.empty();
  private boolean confirmed;

  /**
   * What one ear showed on a day.
   *
   * @param sign its sign verdict
   * @param lasting whether that is by more than itch, a lifted tick and signs of the whole dog
   * @param uncovered whether it is beyond what a vet's order covers
   * @param score its score
   */
  record Shown(Verdict sign, boolean lasting, boolean uncovered, int score) {
    static final Shown NOTHING = new Shown(Verdict.LEAVE, false, false, 0);
  }

  /** Takes what a check found. */
  void take(LocalDate day, EarPair<Shown> ears) {
    if (!ears.right().sign().isQuiet() || !ears.left().sign().isQuiet()) {
      checks++;
      trouble(day, ears);
    } else if (start.isPresent()) {
      quietInARow++;
      if (!isFlare()) {
        clear();
      } else if (quietInARow == 2) {
        over.add(flare(Optional.of(day)));
        clear();
      }
    }
  }

  /** Takes what a cleaning showed of one ear: with the check of its day it counts as one. */
  void found(LocalDate day, Side side, Shown ear) {
    reopen(day);
    if (lastTrouble.filter(day::equals).isEmpty()) {
      checks++;
    }
    trouble(day, EarPair.bySide(one -> one == side ? ear : Shown.NOTHING));
  }

  /** A check that ended a flare was not quiet, with what a cleaning of its day showed. */
  private void reopen(LocalDate day) {
    Optional<Flare> last =
        over.isEmpty() ? Optional.empty() : Optional.of(over.get(over.size() - 1));
    if (start.isEmpty() && last.flatMap(Flare::end).filter(day::equals).isPresent()) {
      Flare flare = over.remove(over.size() - 1);
      start = Optional.of(flare.start());
      ears.addAll(flare.ears());
      uncovered.addAll(flare.uncovered());
      peak = flare.peakScore();
      confirmed = flare.confirmed();
      // it was a flare: what made it one is not told again
      severe = true;
    }
  }

  /** The first day of the run that is under way. */
  Optional<LocalDate> run() {
    return start;
  }

  void take(VisitRecord visit) {
    if (isFlare()) {
      confirmed |=
          ears.stream()
              .anyMatch(side -> visit.ears().get(side).smear().filter(Smear::showsAny).isPresent());
    }
  }

  /** Those that are over and the one that lasts, oldest first. */
  List<Flare> flares() {
    List<Flare> all = new ArrayList<>(over);
    current().ifPresent(all::add);
    return all;
  }

  /** The one that lasts. */
  Optional<Flare> current() {
    return isFlare() ? Optional.of(flare(Optional.empty())) : Optional.empty();
  }

  boolean anyBefore() {
    return !over.isEmpty();
  }

  boolean any() {
    return isFlare() || !over.isEmpty();
  }

  private void trouble(LocalDate day, EarPair<Shown> shown) {
    if (start.isEmpty()) {
      start = Optional.of(day);
    }
    quietInARow = 0;
    lastTrouble = Optional.of(day);
    for (Side side : Side.values()) {
      Shown ear = shown.get(side);
      if (!ear.sign().isQuiet()) {
        peak = Math.max(peak, ear.score());
        severe |= ear.sign().atLeast(Verdict.STOP);
        if (ear.lasting()) {
          lasting = true;
          ears.add(side);
          if (ear.uncovered()) {
            uncovered.add(side);
          }
        }
      }
    }
  }

  boolean isFlare() {
    return severe || (checks >= 2 && lasting);
  }

  private Flare flare(Optional<LocalDate> end) {
    return new Flare(
        start.orElseThrow(), end, List.copyOf(ears), List.copyOf(uncovered), peak, confirmed);
  }

  private void clear() {
    start = Optional.empty();
    ears.clear();
    uncovered.clear();
    lasting = false;
    lastTrouble = Optional.empty();
    peak = 0;
    checks = 0;
    quietInARow = 0;
    severe = false;
    confirmed = false;
  }
}
