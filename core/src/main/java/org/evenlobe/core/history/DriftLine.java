package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;

/**
 * Follows one ear's slow drift through its checks, told oldest first (rule TREND_DRIFT). The usual
 * score is that of the last 8 quiet checks, 5 at least, and stands still while the sum is above 0.
 * The sum begins anew at a visit, and after two checks or more in a row at or below the usual
 * score, 14 days or more from the first to the last.
 */
final class DriftLine {
  private static final int MOST = 8;
  private static final int FEWEST = 5;
  private static final int WELL_DAYS = 14;

  private final int[] quiet = new int[MOST];
  private int count;
  private int total;
  private double frozen;
  private double sum;
  private final List<Drift.Step> built = new ArrayList<>();
  private Optional<LocalDate> wellSince = Optional.empty();

  /** The score that drifts: wax comes and goes with the cleanings. */
  static int score(EarFinding ear) {
    boolean wax =
        ear.dischargeKind() == DischargeKind.TAN_WAX || ear.dischargeKind() == DischargeKind.BROWN;
    return ear.score() - (wax ? ear.discharge().number() : 0);
  }

  /** Takes a check, that ear's own sign verdict being quiet or not. */
  void take(LocalDate day, int score, boolean isQuiet) {
    if (sum == 0) {
      frozen = count >= FEWEST ? (double) total / Math.min(count, MOST) : Double.NaN;
    }
    if (!Double.isNaN(frozen)) {
      add(day, score);
    }
    if (isQuiet) {
      remember(score);
    }
  }

  private void add(LocalDate day, int score) {
    sum = Math.max(0, sum + score - frozen - Drift.SLACK);
    if (sum == 0) {
      begin();
      return;
    }
    built.add(new Drift.Step(day, score, sum));
    if (score > frozen) {
      wellSince = Optional.empty();
    } else if (wellSince.isEmpty()) {
      wellSince = Optional.of(day);
    } else if (ChronoUnit.DAYS.between(wellSince.get(), day) >= WELL_DAYS) {
      begin();
    }
  }

  private void remember(int score) {
    int at = count % MOST;
    total += score - (count >= MOST ? quiet[at] : 0);
    quiet[at] = score;
    count++;
  }

  /** A vet has looked. */
  void visited() {
    begin();
  }

  private void begin() {
    sum = 0;
    built.clear();
    wellSince = Optional.empty();
  }

  /** How it stands; empty while nothing has crept up. */
  Optional<Drift> now() {
    return sum > 0 ? Optional.of(new Drift(frozen, sum, built)) : Optional.empty();
  }
}
