package org.evenlobe.core.stock;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;

/**
 * How long one product lasts: all bottles or packs of one name, by the ears that use it.
 *
 * @param kind what it is
 * @param product its name; empty for what the plan takes of a kind of which nothing is there
 * @param left how much is left in all
 * @param supplies the bottles or packs, with what is left in each
 * @param runsOutOn the day on which it no longer suffices, where the plan uses any
 * @param sessions for how many planned cleanings it still suffices
 * @param needed how much the planned cleanings up to the horizon take
 * @param buy how much is missing for them
 * @param costs what a planned cleaning costs of it, in the household's own money, where that is
 *     known
 * @param reasons the arithmetic
 */
public record StockOutlook(
    Supply.Kind kind,
    Optional<String> product,
    double left,
    List<SupplyRest> supplies,
    Optional<LocalDate> runsOutOn,
    int sessions,
    double needed,
    double buy,
    Optional<Double> costs,
    List<Reason> reasons) {

  /**
   * What is left in one bottle or pack.
   *
   * @param supply which
   * @param left how much
   * @param useBy the last day on which it may be used, where one is known
   */
  public record SupplyRest(Supply supply, double left, Optional<LocalDate> useBy) {}

  public StockOutlook {
    supplies = List.copyOf(supplies);
    reasons = List.copyOf(reasons);
  }

  /** The same with one more reason. */
  public StockOutlook because(Reason reason) {
    List<Reason> more = Stream.concat(reasons.stream(), Stream.of(reason)).toList();
    return new StockOutlook(
        kind, product, left, supplies, runsOutOn, sessions, needed, buy, costs, more);
  }

  /** Whether it runs out by that day, or has. */
  public boolean runsOutBy(LocalDate day) {
    return runsOutOn.filter(on -> !on.isAfter(day)).isPresent();
  }
}
