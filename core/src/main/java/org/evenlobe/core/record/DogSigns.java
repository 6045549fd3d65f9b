package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.measure.Side;

/**
 * What the whole dog showed at a check.
 *
 * @param shaking of the head
 * @param scratching at the ears
 * @param pawed which ear is pawed, where it is one of the two
 * @param onset how it began, where that is known
 * @param headTilt the head is held to one side
 * @param balanceLoss it stumbles, falls or circles
 * @param eyesFlicking the eyes flick to and fro
 * @param faceDrooping one side of the face hangs
 * @param unwell off its food, or feverish
 * @param blowToHead a recent blow to the head
 * @param itchyPawsOrBelly paws or belly itch too
 * @param seedSeason grass seeds are about
 * @param itchingContacts animals it meets itch
 */
public record DogSigns(
    Grade shaking,
    Grade scratching,
    Optional<Side> pawed,
    Optional<Onset> onset,
    boolean headTilt,
    boolean balanceLoss,
    boolean eyesFlicking,
    boolean faceDrooping,
    boolean unwell,
    boolean blowToHead,
    Answer itchyPawsOrBelly,
    Answer seedSeason,
    Answer itchingContacts) {
  /** A dog that shows nothing. */
  public static final DogSigns NOTHING =
      new DogSigns(
          Grade.NONE,
          Grade.NONE,
          Optional.empty(),
          Optional.empty(),
          false,
          false,
          false,
          false,
          false,
          false,
          Answer.NOT_KNOWN,
          Answer.NOT_KNOWN,
          Answer.NOT_KNOWN);

  public DogSigns {
    Objects.requireNonNull(shaking, "shaking");
    Objects.requireNonNull(scratching, "scratching");
    Objects.requireNonNull(pawed, "pawed");
    Objects.requireNonNull(onset, "onset");
    Objects.requireNonNull(itchyPawsOrBelly, "itchyPawsOrBelly");
    Objects.requireNonNull(seedSeason, "seedSeason");
    Objects.requireNonNull(itchingContacts, "itchingContacts");
  }

  /** Whether violent shaking began from one hour to the next: something may be stuck. */
  public boolean shakesSuddenly() {
    return shaking == Grade.SEVERE && onset.equals(Optional.of(Onset.SUDDEN));
  }

  /**
   * The itch of an ear: the greater of head shaking, which counts for both, and scratching, which
   * counts for the ear that is pawed, or for both where none or both are.
   */
  public Grade itch(Side side) {
    boolean scratched = pawed.isEmpty() || pawed.get() == side;
    return scratched ? shaking.or(scratching) : shaking;
  }

  /** The same of a dog that neither shakes its head nor scratches. */
  public DogSigns withoutItch() {
    return new DogSigns(
        Grade.NONE,
        Grade.NONE,
        pawed,
        onset,
        headTilt,
        balanceLoss,
        eyesFlicking,
        faceDrooping,
        unwell,
        blowToHead,
        itchyPawsOrBelly,
        seedSeason,
        itchingContacts);
  }

  /** Whether it shows no sign of anything; what is about or around it is none. */
  public boolean showsNothing() {
    return shaking == Grade.NONE
        && scratching == Grade.NONE
        && !headTilt
        && !balanceLoss
        && !eyesFlicking
        && !faceDrooping
        && !unwell
        && !blowToHead;
  }
}
