package org.evenlobe.core.plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How much cleaner a wipe takes, learned from counts of the bottle (rule STOCK_PAD): what is
 * missing from one count to the next, less what was poured meanwhile, over the wipes that were
 * wetted. It is laid against {@value #MILLILITRES} mL for the first {@value #WEIGHT} wipes. For
 * example 30 mL missing, nothing poured and 10 wipes: (2 · 10 + 30) / 20 = 2.5 mL.
 */
final class PadDraw {
  /** What a wipe is thought to take before anything is known. */
  static final double MILLILITRES = 2;

  private static final double WEIGHT = 10;
  private static final double LEAST = 0.5;
  private static final double MOST = 8;

  private final double millilitres;
  private final double wipes;

  private PadDraw(double millilitres, double wipes) {
    this.millilitres = millilitres;
    this.wipes = wipes;
  }

  /**
   * What one cleaning took of the bottles.
   *
   * @param at when
   * @param poured what went in, mL
   * @param wetted how many wipes were wetted
   * @param from the bottle, where it was named
   */
  record Draw(Instant at, double poured, double wetted, Optional<UUID> from) {}

  /** By the counts of those bottles, and what was drawn from them. */
  static PadDraw learned(List<Supply> bottles, List<Draw> draws) {
    double missing = 0;
    double wipes = 0;
    for (Supply bottle : bottles) {
      List<Supply.Count> counts = new ArrayList<>(bottle.earlier());
      counts.add(new Supply.Count(bottle.countedAt(), bottle.left()));
      for (int i = 1; i < counts.size(); i++) {
        Supply.Count from = counts.get(i - 1);
        Supply.Count to = counts.get(i);
        List<Draw> between =
            draws.stream()
                .filter(draw -> draw.at().isAfter(from.at()) && !draw.at().isAfter(to.at()))
                .toList();
        // with several bottles, what names none may have come from any
        boolean isTold =
            bottles.size() == 1 || between.stream().allMatch(draw -> draw.from().isPresent());
        List<Draw> own =
            between.stream()
                .filter(draw -> draw.from().map(bottle.id()::equals).orElse(true))
                .toList();
        double wetted = own.stream().mapToDouble(Draw::wetted).sum();
        double wiped = from.left() - to.left() - own.stream().mapToDouble(Draw::poured).sum();
        if (isTold && wetted > 0 && wiped > 0) {
          missing += wiped;
          wipes += wetted;
        }
      }
    }
    return new PadDraw(
        Figures.hold((MILLILITRES * WEIGHT + missing) / (WEIGHT + wipes), LEAST, MOST), wipes);
  }

  /** What a wipe takes, mL. */
  double millilitres() {
    return millilitres;
  }

  /** What was learned, where anything was. */
  Optional<Reason> reason() {
    return wipes == 0
        ? Optional.empty()
        : Optional.of(
            Reason.of(
                    Rule.STOCK_PAD,
                    "By your counts and %s a wipe takes %s."
                        .formatted(
                            Figures.count(Math.round(wipes), "wipe"),
                            Quantities.volume(millilitres)))
                .with("millilitres", millilitres));
  }
}
