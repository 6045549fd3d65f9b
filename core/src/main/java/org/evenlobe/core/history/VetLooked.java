package org.evenlobe.core.history;

import org.evenlobe.core.record.Answered;
import org.evenlobe.core.record.Eardrum;

/**
 * Whether a vet is known to have looked down a dog's ears: asked once for each dog, before its
 * first cleaning.
 */
public final class VetLooked {

  private VetLooked() {}

  /** Whether it is to be asked: nothing was said of its eardrums, and nobody has answered. */
  public static boolean isAsked(DogHistory history) {
    boolean said = history.dog().profile().eardrum().status() != Eardrum.Status.NEVER_EXAMINED;
    boolean answered =
        history.dog().all(Answered.class).stream()
            .anyMatch(one -> one.question() == Answered.Question.VET_LOOKED);
    return !said && !answered && history.dog().visits().isEmpty();
  }
}
