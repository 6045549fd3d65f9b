package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * What a vet found and said of one ear.
 *
 * @param eardrum what was seen of the eardrum
 * @param smear what the microscope showed, where a smear was taken
 * @param culture what grew, or that it is still to come, where a culture was taken
 * @param done what was done to the ear, in the person's own words
 * @param cleaned whether the vet cleaned or flushed it
 * @param instruction how it is to be cleaned, where the vet said so
 * @param hold what was said about leaving it alone
 * @param leftIn whether something stuck, or a tick, was left in on purpose
 * @param goOn whether the vet heard that it was worse and said to go on with the order
 * @param medicineUntil the last day of a medicine that goes into it, from the visit's day on
 * @param named what was told to the vet in a call at which they said to go on
 */
public record EarVisit(
    EardrumSeen eardrum,
    Optional<Smear> smear,
    Optional<String> culture,
    Optional<String> done,
    boolean cleaned,
    Optional<CleaningInstruction> instruction,
    HoldWord hold,
    boolean leftIn,
    boolean goOn,
    Optional<LocalDate> medicineUntil,
    Set<Alarming> named) {
  /** An ear of which nothing was found or said. */
  public static final EarVisit NOTHING =
      new EarVisit(
          EardrumSeen.NOT_SEEN,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          false,
          Optional.empty(),
          HoldWord.NOTHING_SAID);

  /** One at which nothing was named. */
  public EarVisit(
      EardrumSeen eardrum,
      Optional<Smear> smear,
      Optional<String> culture,
      Optional<String> done,
      boolean cleaned,
      Optional<CleaningInstruction> instruction,
      HoldWord hold,
      boolean leftIn,
      boolean goOn,
      Optional<LocalDate> medicineUntil) {
    this(
        eardrum,
        smear,
        culture,
        done,
        cleaned,
        instruction,
        hold,
        leftIn,
        goOn,
        medicineUntil,
        Set.of());
  }

  /** One at which neither of the last three was said. */
  public EarVisit(
      EardrumSeen eardrum,
      Optional<Smear> smear,
      Optional<String> culture,
      Optional<String> done,
      boolean cleaned,
      Optional<CleaningInstruction> instruction,
      HoldWord hold) {
    this(eardrum, smear, culture, done, cleaned, instruction, hold, false, false, Optional.empty());
  }

  /** Whether the ear is to be cleaned by it. */
  public boolean ordersCleaning() {
    return instruction.filter(CleaningInstruction::cleans).isPresent();
  }

  /** What was seen of an eardrum. */
  public enum EardrumSeen {
    /** It was not looked at, or could not be seen. */
    NOT_SEEN,
    /** Seen, and whole. */
    INTACT,
    /** Seen torn or missing: no liquid may go in. */
    NOT_INTACT
  }

  /** What a vet said about leaving an ear alone. */
  public enum HoldWord {
    /** Nothing: what held before holds on. */
    NOTHING_SAID,
    /** No cleaning and no liquid until a visit says otherwise. */
    SET,
    /** The ear may be cleaned again. */
    LIFTED
  }

  public EarVisit {
    Objects.requireNonNull(eardrum, "eardrum");
    Objects.requireNonNull(smear, "smear");
    Objects.requireNonNull(culture, "culture");
    Objects.requireNonNull(done, "done");
    Objects.requireNonNull(instruction, "instruction");
    Objects.requireNonNull(hold, "hold");
    EnumSet<Alarming> told = EnumSet.noneOf(Alarming.class);
    told.addAll(named);
    named = Collections.unmodifiableSet(told);
    if (hold == HoldWord.LIFTED && eardrum == EardrumSeen.NOT_INTACT) {
      throw new IllegalArgumentException("an eardrum that is not intact holds its ear");
    }
    if (hold == HoldWord.SET
        && instruction.filter(order -> order.cleans() && !order.allTheSame()).isPresent()) {
      throw new IllegalArgumentException("an ear that stays held is cleaned all the same or not");
    }
  }
}
