package org.evenlobe.core.cleaning;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.check.Advice;
import org.evenlobe.core.check.EarTable;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.SeenThing;

/**
 * The check of a session whose ears have not been looked at today: all that a device needs to judge
 * it and to go on by what it says, with no connection. After the steps up to the check come those
 * of each ear by its own verdict, the better ear first, then the closing ones.
 *
 * @param tables what each ear is judged by
 * @param startsFrom what a check starts from: what is normal for this dog; empty where every sign
 *     is to be looked for anew
 * @param normal what each ear shows when it is well, where that is known
 * @param wipeOnly what keeps all but a wipe out of an ear
 * @param ways what is done to an ear by what its check says; an ear that says STOP has none
 * @param closing the steps after both ears
 * @param sayings what to do where an ear says STOP or URGENT
 */
public record SessionCheck(
    EarPair<EarTable> tables,
    Optional<EarPair<EarFinding>> startsFrom,
    EarPair<Optional<EarFinding>> normal,
    Set<SeenThing> wipeOnly,
    List<EarWay> ways,
    List<SessionStep> closing,
    List<Saying> sayings) {

  /**
   * What is done to one ear.
   *
   * @param verdict if its check says that
   * @param wipeOnly and it finds what keeps all but a wipe out, or does not
   * @param discharging and it finds any discharge, or does not
   * @param task what is done to it
   * @param first its steps where it comes first, not yet chained
   * @param second the same where the other ear was done before it
   */
  public record EarWay(
      Side ear,
      Verdict verdict,
      boolean wipeOnly,
      boolean discharging,
      EarTask task,
      List<SessionStep> first,
      List<SessionStep> second) {

    public EarWay {
      first = List.copyOf(first);
      second = List.copyOf(second);
    }
  }

  /**
   * What to do by the verdicts of both ears.
   *
   * @param right the right ear's
   * @param left the left ear's
   * @param advice what to do
   */
  public record Saying(Verdict right, Verdict left, Advice advice) {}

  public SessionCheck {
    wipeOnly = Set.copyOf(wipeOnly);
    ways = List.copyOf(ways);
    closing = List.copyOf(closing);
    sayings = List.copyOf(sayings);
  }

  /** A check after which nothing is done to an ear. */
  public static SessionCheck onlyLook(
      EarPair<EarTable> tables,
      Optional<EarPair<EarFinding>> startsFrom,
      EarPair<Optional<EarFinding>> normal,
      List<Saying> sayings) {
    return new SessionCheck(
        tables, startsFrom, normal, SeenThing.WIPE_ONLY, List.of(), List.of(), sayings);
  }
}
