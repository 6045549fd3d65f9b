package org.evenlobe.core.round;

import java.util.List;
import org.evenlobe.core.rule.Reason;

/**
 * Many dogs in one morning, one after the other.
 *
 * @param dogs in the order in which they are done
 * @param tray what is laid out once for all of them
 * @param minutes about how long it takes
 * @param reasons why in this order
 */
public record Round(List<RoundDog> dogs, Tray tray, int minutes, List<Reason> reasons) {
  public Round {
    dogs = List.copyOf(dogs);
    reasons = List.copyOf(reasons);
  }
}
