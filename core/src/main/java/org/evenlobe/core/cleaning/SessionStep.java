package org.evenlobe.core.cleaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.SeenThing;

/**
 * One step of a guided session: it fills the screen, and one target goes on.
 *
 * @param id unique within the session
 * @param kind what it is
 * @param ear the ear it belongs to, where it belongs to one
 * @param round which round of that ear, from 1; 0 outside rounds
 * @param title what to do, in a few words
 * @param what the same in a sentence or two
 * @param why why so
 * @param doneWhen how you know that it is done
 * @param caution what can harm here
 * @param timer how long it takes, where it is timed
 * @param volume how much goes in, where it is measured
 * @param onlyIf what the check must have found, where it is done only then
 * @param hair what it does about the hair, to be noted once that is done
 * @param next the step after it; empty for the last one
 * @param again the step that begins another round, where one may follow
 */
public record SessionStep(
    String id,
    Kind kind,
    Optional<Side> ear,
    int round,
    String title,
    String what,
    String why,
    String doneWhen,
    Optional<String> caution,
    Optional<StepTimer> timer,
    Optional<Volume> volume,
    Optional<OnlyIf> onlyIf,
    Optional<HairWork> hair,
    Optional<String> next,
    Optional<String> again) {

  /** What a step is. */
  public enum Kind {
    /** Everything within reach. */
    KIT,
    /** How to hold the dog. */
    POSITION,
    /** Look, sniff and feel, both ears. */
    CHECK,
    /** Hair at the opening. */
    HAIR,
    /** The canal filled to the line. */
    FILL,
    /** A dripping pad squeezed empty. */
    PAD,
    /** A measured volume from a syringe. */
    SYRINGE,
    /** The base massaged. */
    MASSAGE,
    /** The dog shakes. */
    SHAKE,
    /** Wiped, counting. */
    WIPE,
    /** The folds and the flap's inside. */
    FOLDS,
    /** What came out. */
    LOAD,
    /** Dry, praise, treat. */
    DRY,
    /** How the dog took it. */
    TAKEN,
    /** The rung that is practised. */
    PRACTISE,
    /** A pause between practices. */
    REST
  }

  /** What a check must have found for a step to be done. */
  public enum OnlyIf {
    /** No redness. */
    NOT_RED(found -> found.redness() == Grade.NONE),
    /** Hair that blocks the canal. */
    HAIR_BLOCKING(found -> found.has(SeenThing.HAIR_BLOCKING)),
    /** A mat under the flap. */
    MAT_UNDER_FLAP(found -> found.has(SeenThing.MAT_UNDER_FLAP));

    private final Predicate<EarFinding> holds;

    OnlyIf(Predicate<EarFinding> holds) {
      this.holds = holds;
    }

    /** Whether an ear showed that. */
    public boolean holds(EarFinding found) {
      return holds.test(found);
    }
  }

  /**
   * How long a step takes.
   *
   * @param seconds as a rule
   * @param secondsIfMore instead, where this ear has taken more wipes so far than that
   * @param overWipes more than so many
   */
  public record StepTimer(
      int seconds, Optional<Integer> secondsIfMore, Optional<Integer> overWipes) {

    static StepTimer of(int seconds) {
      return new StepTimer(seconds, Optional.empty(), Optional.empty());
    }

    static StepTimer of(int seconds, int secondsIfMore, int overWipes) {
      return new StepTimer(seconds, Optional.of(secondsIfMore), Optional.of(overWipes));
    }
  }

  /** Whether it is done with an ear that showed that. */
  boolean isFor(EarFinding found) {
    return onlyIf.map(condition -> condition.holds(found)).orElse(true);
  }

  /** The steps one after the other: one that leads nowhere yet leads to the one behind it. */
  static List<SessionStep> chained(List<SessionStep> steps) {
    List<SessionStep> chained = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      SessionStep step = steps.get(i);
      boolean leads = step.next().isPresent() || i + 1 == steps.size();
      chained.add(leads ? step : step.leadingTo(steps.get(i + 1).id(), Optional.empty()));
    }
    return List.copyOf(chained);
  }

  /** This step with what follows it. */
  SessionStep leadingTo(String following, Optional<String> anotherRound) {
    return new SessionStep(
        id,
        kind,
        ear,
        round,
        title,
        what,
        why,
        doneWhen,
        caution,
        timer,
        volume,
        onlyIf,
        hair,
        Optional.of(following),
        anotherRound);
  }
}
