package org.evenlobe.core.check;

import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;

/**
 * All that an ear's verdict is made from.
 *
 * @param side which ear
 * @param ear what it showed
 * @param dog what the whole dog showed
 * @param before what is known of it from before
 */
public record EarSigns(Side side, EarFinding ear, DogSigns dog, EarBackground before) {

  /** The signs of both ears at a check. */
  public static EarPair<EarSigns> of(CheckRecord check, EarPair<EarBackground> before) {
    return EarPair.bySide(
        side -> new EarSigns(side, check.ears().get(side), check.dog(), before.get(side)));
  }

  /** The same ear with another finding. */
  public EarSigns with(EarFinding other) {
    return new EarSigns(side, other, dog, before);
  }

  /** The same ear, of which something else is known from before. */
  public EarSigns with(EarBackground other) {
    return new EarSigns(side, ear, dog, other);
  }

  Grade itch() {
    return dog.itch(side);
  }

  /** Itch of that grade or stronger, beyond what is normal for this ear. */
  boolean itches(Grade grade) {
    return itch().atLeast(grade) && itch().compareTo(before.toleratedItch()) > 0;
  }

  boolean discharges(Grade grade, DischargeKind kind) {
    return ear.dischargeKind() == kind && ear.discharge().atLeast(grade);
  }

  /** Whether it did not turn to a sound. */
  public boolean isDeaf() {
    return ear.hearing() == HearingTry.DID_NOT_TURN;
  }

  /** Whether anything at all is wrong with this ear. */
  boolean showsAnything() {
    return ear.score() > 0
        || ear.pain() != Grade.NONE
        || itch() != Grade.NONE
        || ear.odour().atLeast(Odour.SWEET)
        || isDeaf()
        || !ear.seen().isEmpty();
  }
}
