package org.evenlobe.core.ear;

import java.util.List;
import org.evenlobe.core.rule.Reason;

/**
 * How fast wax and dirt are expected to gather in a dog's ears, against an average ear.
 *
 * @param value ρ, from {@value #LEAST} to {@value #MOST}; 1 is an average ear
 * @param product the product of the factors before it was held within those bounds
 * @param reasons one for each factor, with its multiplier as the number "times", then the product
 */
public record LoadFactor(double value, double product, List<Reason> reasons) {
  /** The smallest load factor. */
  public static final double LEAST = 0.35;

  /** The largest load factor. */
  public static final double MOST = 4;

  public LoadFactor {
    reasons = List.copyOf(reasons);
  }
}
