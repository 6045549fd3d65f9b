package org.evenlobe.core.round;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.cleaning.SessionCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Sessions;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.suit.Bottles.LaidOut;

/**
 * A dog that takes part in a round.
 *
 * @param history its facts
 * @param plan what is planned for it
 * @param session what would be done
 * @param bottles what is laid out for each ear
 */
public record Entrant(
    DogHistory history, DogPlan plan, CleaningSession session, EarPair<LaidOut> bottles) {
  private static final Set<PlanItem.Kind> LOOKS = Set.of(PlanItem.Kind.CHECK, PlanItem.Kind.WATCH);
  private static final int MINUTES_TO_LOOK = 1;
  private static final int MINUTES_TO_WIPE = 3;
  private static final int MINUTES_TO_FILL = 6;

  /** Whether a look or a cleaning is due for a dog. */
  public static boolean isDue(DogPlan plan) {
    return plan.items().stream()
        .anyMatch(
            item ->
                isDue(item) && (item.kind() == PlanItem.Kind.CLEAN || LOOKS.contains(item.kind())));
  }

  /** The ears that are due for a cleaning; both where none is. */
  public static Set<Side> ears(DogPlan plan) {
    Set<Side> due = new TreeSet<>();
    plan.cleanings().stream()
        .filter(Entrant::isDue)
        .findFirst()
        .ifPresent(item -> due.addAll(item.ears()));
    return due.isEmpty() ? Set.of(Side.values()) : due;
  }

  private static boolean isDue(PlanItem item) {
    return item.standing() == Standing.DUE || item.standing() == Standing.OVERDUE;
  }

  UUID id() {
    return history.dog().id();
  }

  String name() {
    return history.dog().profile().name();
  }

  boolean cleans() {
    return session.ending().isEmpty() && plan.cleanings().stream().anyMatch(Entrant::isDue);
  }

  /** Its look, where its session ends before one. */
  Optional<SessionCheck> look() {
    return session.check().isPresent() ? Optional.empty() : Sessions.look(history);
  }

  int wipes() {
    return cleans() ? session.order().stream().mapToInt(this::wipes).sum() : 0;
  }

  double poured() {
    return cleans() ? session.order().stream().mapToDouble(this::poured).sum() : 0;
  }

  int wipes(Side side) {
    return session.ears().get(side).habit().wipesToLayOut();
  }

  double poured(Side side) {
    return pours(side)
        ? session.ears().get(side).perFill().map(Volume::millilitres).orElse(0.0)
        : 0;
  }

  int minutes() {
    if (!cleans()) {
      return MINUTES_TO_LOOK;
    }
    boolean fills = session.order().stream().anyMatch(this::pours);
    return session.minutes().orElse(fills ? MINUTES_TO_FILL : MINUTES_TO_WIPE);
  }

  private boolean pours(Side side) {
    return session.ears().get(side).method().filter(CleaningMethod::inCanal).isPresent();
  }
}
