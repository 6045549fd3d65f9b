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
 * @param pressing whether it goes before everything else: a vet is to see the dog
 * @param reasons why that day, and the caution that goes with it
 */
public record PlanItem(
    String id,
    Kind kind,
    List<Side> ears,
    Window window,
    Standing standing,
    boolean pressing,
    List<Reason> reasons) {

  /** What is to be done; of two things for one day, the upper one first. */
  public enum Kind {
    /** Have the ears seen by a vet. */
    VISIT,
    /** Look, sniff and feel, both ears. */
    CHECK,
    /** The same, because trouble may follow what happened a while ago. */
    WATCH,
    /** Clean the ears that the item names. */
    CLEAN,
    /** Practise with a dog that does not like to have its ears handled. */
    PRACTICE
  }

  public PlanItem {
    ears = List.copyOf(ears);
    reasons = List.copyOf(reasons);
  }
}
