package org.evenlobe.core.record;

import java.util.Objects;
import org.evenlobe.core.rule.Figures;

/**
 * How much is given at a time, as the label says it: "8 drops", "5 to 10 drops", "a strip".
 *
 * @param least the least that is said: it is what is given
 * @param most the most that is said: it is what is counted for the bottle
 * @param unit in what
 */
public record DoseAmount(double least, double most, DoseUnit unit) {

  public DoseAmount {
    Objects.requireNonNull(unit, "unit");
    if (!(least > 0 && most >= least && Double.isFinite(most))) {
      throw new IllegalArgumentException("more than 0, the most last, not " + least + " " + most);
    }
  }

  /** As it stands in a sentence. */
  public String words() {
    String range =
        least == most ? Figures.plain(least) : Figures.plain(least) + " to " + Figures.plain(most);
    return range + " " + (most == 1 ? unit.one() : unit.words());
  }
}
