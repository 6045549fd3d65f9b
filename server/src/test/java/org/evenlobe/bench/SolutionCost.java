package org.evenlobe.bench;

import java.util.List;
import java.util.function.DoubleSupplier;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Mix;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Nearest;

/** What an analysis of a mix costs on one core, and the nearest that passes. */
final class SolutionCost {
  private static final long WARM_UP_NANOS = 1_000_000_000;
  private static final long NANOS = 2_000_000_000;
  private static final double SECOND = 1e9;

  private final Ingredients shelf = Ingredients.shipped();
  private final Mix mix =
      new Mix(
          List.of(
              part("white-vinegar", 60),
              part("witch-hazel", 15),
              part("water", 44),
              part("boric-acid", 4)));

  /**
   * How many a second.
   *
   * @param analyses analyses of a mix of four
   * @param plain the same sums and the same balance by bisection, and nothing else
   * @param nearest nearest recipes of it for a red ear
   */
  record Figures(double analyses, double plain, double nearest) {}

  private Part part(String id, double amount) {
    return new Part(shelf.find(id).orElseThrow(), amount);
  }

  Figures measure() {
    EarNow red =
        new EarNow(
            Verdict.LEAVE,
            MayGoIn.IN_EAR,
            Grade.MODERATE,
            Grade.NONE,
            Grade.NONE,
            false,
            false,
            false);
    Ingredient water = shelf.find("water").orElseThrow();
    return new Figures(
        aSecond(() -> MixAnalysis.of(mix).ph().orElseThrow()),
        aSecond(this::plain),
        aSecond(() -> Nearest.of(mix, red, false, water).orElseThrow().changed()));
  }

  /** Acetic and boric acid summed up, and the charge balance halved to the same closeness. */
  private double plain() {
    double litres = 0;
    double acetic = 0;
    double boric = 0;
    for (Part part : mix.parts()) {
      double percent = part.ingredient().strength(Active.ACETIC_ACID).percent();
      acetic += percent / 100 * part.amount() / 60.052;
      boric +=
          part.ingredient().strength(Active.BORIC_ACID).percent() / 100 * part.amount() / 61.83;
      litres += part.ingredient().strength(Active.BORIC_ACID).percent() > 0 ? 0 : part.amount();
    }
    litres /= 1000;
    double low = 0;
    double high = 14;
    while (high - low > 1e-7) {
      double ph = (low + high) / 2;
      double charge =
          Math.pow(10, -ph)
              - Math.pow(10, ph - 14)
              - acetic / litres / (1 + Math.pow(10, 4.756 - ph))
              - boric / litres / (1 + Math.pow(10, 9.24 - ph));
      if (charge > 0) {
        low = ph;
      } else {
        high = ph;
      }
    }
    return low;
  }

  private static double aSecond(DoubleSupplier work) {
    run(work, WARM_UP_NANOS);
    return run(work, NANOS);
  }

  private static double run(DoubleSupplier work, long nanos) {
    long start = System.nanoTime();
    long done = 0;
    double sum = 0;
    while (System.nanoTime() - start < nanos) {
      for (int i = 0; i < 20; i++) {
        sum += work.getAsDouble();
      }
      done += 20;
    }
    if (Double.isNaN(sum)) {
      throw new IllegalStateException("no number");
    }
    return done / ((System.nanoTime() - start) / SECOND);
  }
}
