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
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Smear;
import org.evenlobe.core.record.VisitRecord;

/** Finds flares in checks and visits that are told oldest first (rule TREND_FLARE). */
final class FlareRun {
  private final List<Flare> over = new ArrayList<>();
  private Optional<LocalDate> start = Optional.empty();
  private final Set<Side> ears = EnumSet.noneOf(Side.class);
  private int peak;
  private int checks;
  private int quietInARow;
  private boolean severe;
  private boolean confirmed;

  void take(CheckRecord check, EarPair<Verdict> signs) {
    boolean quiet = signs.right().isQuiet() && signs.left().isQuiet();
    if (!quiet) {
      trouble(check, signs);
    } else if (start.isPresent()) {
      quietInARow++;
      if (!isFlare()) {
        clear();
      } else if (quietInARow == 2) {
        over.add(flare(Optional.of(check.day())));
        clear();
      }
    }
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

  private void trouble(CheckRecord check, EarPair<Verdict> signs) {
    if (start.isEmpty()) {
      start = Optional.of(check.day());
    }
    quietInARow = 0;
    checks++;
    for (Side side : Side.values()) {
      if (!signs.get(side).isQuiet()) {
        ears.add(side);
        peak = Math.max(peak, check.ears().get(side).score());
        severe |= signs.get(side).atLeast(Verdict.STOP);
      }
    }
  }

  private boolean isFlare() {
    return severe || checks >= 2;
  }

  private Flare flare(Optional<LocalDate> end) {
    return new Flare(start.orElseThrow(), end, List.copyOf(ears), peak, confirmed);
  }

  private void clear() {
    start = Optional.empty();
    ears.clear();
    peak = 0;
    checks = 0;
    quietInARow = 0;
    severe = false;
    confirmed = false;
  }
}
