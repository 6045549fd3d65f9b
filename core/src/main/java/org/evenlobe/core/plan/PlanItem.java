package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

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
    /** Dry the ears that got wet. */
    DRY,
    /** Look, sniff and feel, both ears. */
    CHECK,
    /** The same, because trouble may follow what happened a while ago. */
    WATCH,
    /** Clean the ears that the item names. */
    CLEAN,
    /** Practise with a dog that does not like to have its ears handled. */
    PRACTICE;

    /** Whether it is a look at both ears. */
    boolean isLook() {
      return this == CHECK || this == WATCH;
    }
  }

  /** The id of what is planned for a dog: its kind, the fact it counts from, and an ordinal. */
  static String id(UUID dog, Kind kind, Object... parts) {
    StringBuilder id = new StringBuilder(dog.toString()).append(':').append(kind.name());
    for (Object part : parts) {
      id.append(':').append(part);
    }
    return id.toString();
  }

  /** Earliest best day first; of one day, by kind. */
  static List<PlanItem> inOrder(Collection<PlanItem> items) {
    return items.stream()
        .sorted(
            Comparator.comparing((PlanItem item) -> item.window().best())
                .thenComparing(PlanItem::kind))
        .toList();
  }

  /** Whether its day is a person's own word, or a vet's. */
  boolean isSaid() {
    return reasons.stream()
        .map(Reason::rule)
        .anyMatch(rule -> rule == Rule.PLAN_PINNED || rule == Rule.PLAN_VET);
  }

  /** The same on another day. */
  PlanItem placedOn(LocalDate day, Reason why, LocalDate today) {
    Window placed = window.with(day);
    List<Reason> more = new ArrayList<>(reasons);
    more.add(0, why);
    return new PlanItem(id, kind, ears, placed, Standing.of(placed, today), pressing, more);
  }

  public PlanItem {
    ears = List.copyOf(ears);
    reasons = List.copyOf(reasons);
  }
}
