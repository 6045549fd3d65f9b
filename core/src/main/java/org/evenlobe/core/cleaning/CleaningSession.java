package org.evenlobe.core.cleaning;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;

/**
 * A guided session as a graph of steps. A device follows it without asking again.
 *
 * @param purpose what it is for
 * @param ears what is done to each ear
 * @param order the ears that are done, the better one first
 * @param position how to hold the dog
 * @param trust where it stands on the trust ladder
 * @param practises the rung that is practised; empty in a cleaning
 * @param minutes how long the last sessions took, where that was measured
 * @param ways how the household does it with this dog
 * @param tools what is laid out besides wipes, cleaner and what every session takes
 * @param steps the steps; the last is the check where the ears have not been looked at today
 * @param check the check that comes first, where the ears have not been looked at today
 * @param ending why it ends here and what to do, where there is nothing more to be done
 * @param reasons why the ears come in this order
 * @param care by what orders and under what courses the ears are, in their own words
 */
public record CleaningSession(
    Purpose purpose,
    EarPair<EarTask> ears,
    List<Side> order,
    Position position,
    Trust trust,
    Optional<Rung> practises,
    Optional<Integer> minutes,
    CleaningWays ways,
    List<String> tools,
    List<SessionStep> steps,
    Optional<SessionCheck> check,
    Optional<Ending> ending,
    List<Reason> reasons,
    List<Reason> care) {

  /** What a session is for. */
  public enum Purpose {
    /** Cleaning ears. */
    CLEANING,
    /** Practising on the trust ladder. */
    PRACTICE
  }

  /**
   * Why a session ends before anything is done.
   *
   * @param cause what ends it
   * @param now what to do, in one sentence
   * @param steps what that means, in order
   */
  public record Ending(Cause cause, String now, List<String> steps) {

    /** What ends a session. */
    public enum Cause {
      /** A check that says no liquid, or the vet today. */
      VERDICT,
      /** No ear may be cleaned. */
      CLOSED,
      /** The dog is to practise first. */
      PRACTISE
    }

    public Ending {
      steps = List.copyOf(steps);
    }
  }

  /** What it takes from: a bottle, or a pack where all of it is done with ready wipes. */
  public Supply.Kind takesFrom() {
    return !order.isEmpty() && Kit.takesReadyWipesOnly(ways, order, ears)
        ? Supply.Kind.WIPES
        : Supply.Kind.CLEANER;
  }

  public CleaningSession {
    order = List.copyOf(order);
    tools = List.copyOf(tools);
    steps = List.copyOf(steps);
    reasons = List.copyOf(reasons);
    care = List.copyOf(care);
  }
}
