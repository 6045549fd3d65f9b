package org.evenlobe.core.stock;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.stock.StockOutlook.SupplyRest;

/**
 * Draws what was used from what was counted and lays what is planned against the rest (rule
 * STOCK_RUN_OUT). A use comes from the bottle it names, else from the open ones, the longest open
 * first; a use from before a bottle was counted is in its count already.
 *
 * <p>For example 100 mL left and cleanings of 14 mL every 12 days suffice for 7 of them: the
 * eighth, in 96 days, is the day it runs out. Beyond the planned days the same rate goes on.
 */
public final class Stocktaking {
  private static final double CRUMB = 1e-9;

  private Stocktaking() {}

  /**
   * How long a product lasts.
   *
   * @param product its name; empty where nothing of the kind is there
   * @param rests what is left in each bottle or pack of it
   * @param planned what planned cleanings will take of it, earliest first
   * @param horizonDays how far ahead they are planned
   */
  public static StockOutlook outlook(
      Supply.Kind kind,
      Optional<String> product,
      List<SupplyRest> rests,
      List<PlannedUse> planned,
      LocalDate today,
      int horizonDays) {
    double left = rests.stream().mapToDouble(SupplyRest::left).sum();
    double needed = planned.stream().mapToDouble(PlannedUse::amount).sum();
    double rest = left;
    int sessions = 0;
    Optional<LocalDate> out = Optional.empty();
    for (PlannedUse use : planned) {
      if (use.amount() > rest + CRUMB) {
        out = Optional.of(use.on());
        break;
      }
      rest -= use.amount();
      sessions++;
    }
    if (out.isEmpty() && needed > 0) {
      double perDay = needed / horizonDays;
      long beyond = (long) Math.floor(rest / perDay);
      out = Optional.of(today.plusDays(horizonDays + Math.min(beyond, FAR_DAYS)));
      sessions += (int) (rest / (needed / planned.size()));
    }
    return new StockOutlook(
        kind,
        product,
        left,
        rests,
        out,
        sessions,
        needed,
        Math.max(0, needed - left),
        planned.isEmpty() ? Optional.empty() : costs(rests, needed / planned.size()),
        List.of(reason(kind, left, needed, sessions, out, today, horizonDays)));
  }

  /** Nothing keeps longer than that anyway. */
  private static final long FAR_DAYS = 3650;

  /** What so much of it costs, by the last price that was said. */
  private static Optional<Double> costs(List<SupplyRest> rests, double amount) {
    return rests.stream()
        .map(SupplyRest::supply)
        .flatMap(supply -> supply.pricePerUnit().map(price -> price * amount).stream())
        .reduce((earlier, later) -> later);
  }

  /**
   * What is left in each.
   *
   * @param supplies all of one kind
   * @param used what cleanings took of that kind, in any order
   */
  public static List<SupplyRest> rests(List<Supply> supplies, List<Use> used) {
    List<Supply> inTurn =
        supplies.stream()
            .sorted(
                Comparator.comparing((Supply s) -> s.openedOn().orElse(LocalDate.MAX))
                    .thenComparing(Supply::countedAt)
                    .thenComparing(Supply::id))
            .toList();
    double[] left = inTurn.stream().mapToDouble(Supply::left).toArray();
    for (Use use : used.stream().sorted(Comparator.comparing(Use::at)).toList()) {
      draw(use, inTurn, left);
    }
    List<SupplyRest> rests = new ArrayList<>();
    for (int i = 0; i < left.length; i++) {
      rests.add(new SupplyRest(inTurn.get(i), left[i], inTurn.get(i).useBy()));
    }
    return rests;
  }

  private static void draw(Use use, List<Supply> inTurn, double[] left) {
    double open = use.amount();
    for (int i = 0; i < left.length && open > 0; i++) {
      Supply supply = inTurn.get(i);
      boolean from = use.from().isEmpty() || use.from().get().equals(supply.id());
      if (from && use.at().isAfter(supply.countedAt())) {
        double drawn = Math.min(open, left[i]);
        left[i] -= drawn;
        open -= drawn;
      }
    }
  }

  private static Reason reason(
      Supply.Kind kind,
      double left,
      double needed,
      int sessions,
      Optional<LocalDate> out,
      LocalDate today,
      int horizonDays) {
    String rest = "%s left".formatted(kind.amount(left));
    String sentence =
        out.map(
                on ->
                    "%s; the plan takes %s in %d days. That suffices for %s, until %s (%s)."
                        .formatted(
                            rest,
                            kind.amount(needed),
                            horizonDays,
                            Figures.count(sessions, "cleaning"),
                            Quantities.day(on),
                            Figures.count(ChronoUnit.DAYS.between(today, on), "day")))
            .orElse(rest + "; no planned cleaning takes any.");
    return Reason.of(Rule.STOCK_RUN_OUT, sentence)
        .with("left", left)
        .with("needed", needed)
        .with("sessions", sessions);
  }
}
