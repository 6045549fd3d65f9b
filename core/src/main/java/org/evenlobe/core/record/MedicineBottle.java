package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * The bottle of a course.
 *
 * @param millilitres what was in it when the course began
 * @param dropsPerMillilitre how many of its drops are a mL; 20 where nobody counted
 * @param strokeMillilitres what a stroke of its pump gives, where that is known
 * @param openedOn the day it was opened, where it is open
 * @param keepsDays for how many days it keeps once open, where its label says so
 */
public record MedicineBottle(
    double millilitres,
    double dropsPerMillilitre,
    Optional<Double> strokeMillilitres,
    Optional<LocalDate> openedOn,
    Optional<Integer> keepsDays) {
  /** How many drops a mL is taken for. */
  public static final double DROPS = 20;

  public MedicineBottle {
    Objects.requireNonNull(strokeMillilitres, "strokeMillilitres");
    Objects.requireNonNull(openedOn, "openedOn");
    Objects.requireNonNull(keepsDays, "keepsDays");
    if (!(millilitres > 0 && dropsPerMillilitre > 0)) {
      throw new IllegalArgumentException("there is something in it");
    }
  }

  /** The last day on which it may be used, where one is known. */
  public Optional<LocalDate> useBy() {
    return openedOn.flatMap(day -> keepsDays.map(day::plusDays));
  }

  /** What the most of an amount is in mL; empty where nobody can measure it. */
  public Optional<Double> millilitres(DoseAmount amount) {
    return switch (amount.unit()) {
      case DROP -> Optional.of(amount.most() / dropsPerMillilitre);
      case MILLILITRE -> Optional.of(amount.most());
      case STROKE -> strokeMillilitres.map(stroke -> stroke * amount.most());
      case TABLET, STRIP, SQUEEZE -> Optional.empty();
    };
  }
}
