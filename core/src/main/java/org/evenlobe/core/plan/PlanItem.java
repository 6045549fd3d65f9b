package org.evenlobe.core.plan;

import java.util.List;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Reason;

/**
 * Something planned for a day.
 *
 * @param id stable while the fact that it counts from stands
 * @param kind what is to be done
 * @param ears of which ears
 * @param window when
 * @param standing where today stands against the window
 * @param reasons why that day, and the caution that goes with it
 */
public record PlanItem(
    String id, Kind kind, List<Side> ears, Window window, Standing standing, List<Reason> reasons) {

  /** What is to be done. */
  public enum Kind {
    /** Clean what the item names. */
    CLEAN
  }

  public PlanItem {
    ears = List.copyOf(ears);
    reasons = List.copyOf(reasons);
  }
}
