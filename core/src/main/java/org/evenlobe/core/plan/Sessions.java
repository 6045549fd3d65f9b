package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.cleaning.EarBefore;
import org.evenlobe.core.cleaning.Habit;
import org.evenlobe.core.cleaning.SessionBuilder;
import org.evenlobe.core.cleaning.SessionSetting;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.turn.EarPlan;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.rule.Reason;

/** Puts together what a guided session is built from. */
public final class Sessions {
  private final DogRecord dog;
  private final DogHistory history;
  private final DogPlan plan;
  private final LocalDate today;
  private final Optional<EarPair<CanalEstimate>> canals;

  private Sessions(DogRecord dog, DogHistory history, DogPlan plan) {
    this.dog = dog;
    this.history = history;
    this.plan = plan;
    this.today = plan.today();
    this.canals = Canals.of(dog, today);
  }

  /**
   * The session that cleans those ears.
   *
   * @param helper whether a second person is there
   * @param household how the household does it
   */
  public static CleaningSession cleaning(
      DogRecord dog,
      DogHistory history,
      DogPlan plan,
      List<Side> ears,
      boolean helper,
      CleaningWays household) {
    Sessions sessions = new Sessions(dog, history, plan);
    return SessionBuilder.cleaning(
        sessions.setting(helper, household),
        EarPair.bySide(side -> sessions.before(side, ears.contains(side))));
  }

  /** The practice for where the dog stands on the trust ladder. */
  public static CleaningSession practice(
      DogRecord dog, DogHistory history, DogPlan plan, boolean helper, CleaningWays household) {
    Sessions sessions = new Sessions(dog, history, plan);
    return SessionBuilder.practice(
        sessions.setting(helper, household), EarPair.bySide(side -> sessions.before(side, false)));
  }

  private SessionSetting setting(boolean helper, CleaningWays household) {
    return new SessionSetting(
        dog.profile().name(),
        dog.profile().weightOn(today),
        dog.profile().handling().bites(),
        helper,
        household.with(dog.profile().ways()),
        plan.trust(),
        Habit.minutes(dog, today),
        history.latest().map(check -> check.check().day().equals(today)).orElse(false),
        history.latestVerdict().map(CheckVerdict::advice));
  }

  private EarBefore before(Side side, boolean asked) {
    EarPlan ear = plan.ears().get(side);
    Optional<EarFinding> seen =
        history.latest().map(AssessedCheck::check).map(check -> check.ears().get(side));
    return new EarBefore(
        asked,
        due(side),
        history.verdictNow(side),
        seen.map(EarFinding::score).orElse(0),
        seen.map(finding -> finding.redness() != Grade.NONE).orElse(false),
        ear.hold().map(Sessions::why),
        ear.mayGoIn(),
        ear.order().map(VetOrder::instruction),
        dog.profile().ears().canalHair(),
        canals.map(pair -> pair.get(side).volume()),
        canals.map(pair -> pair.get(side).forSyringe()),
        ear.lastCleaned().map(day -> (int) ChronoUnit.DAYS.between(day, today)),
        Habit.of(dog, side, today));
  }

  private boolean due(Side side) {
    return plan.cleanings().stream()
        .anyMatch(item -> item.ears().contains(side) && item.standing() != Standing.LATER);
  }

  private static String why(Hold hold) {
    return hold.reasons().stream().findFirst().map(Reason::sentence).orElse("");
  }
}
