package org.evenlobe.core.course;

import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Giving;

/**
 * A dose for one ear, or of a tablet, as it stands.
 *
 * @param dose which
 * @param ear for which ear; empty for a tablet
 * @param span when it is on time
 * @param status what has become of it
 * @param giving how it was given or left out
 * @param timing whether that was on time
 * @param again what was ticked once more: it may have been given twice
 * @param perhaps what others told of a dose that may have been this one
 */
public record DoseNow(
    Dose dose,
    Optional<Side> ear,
    DoseSchedule.Span span,
    DoseStatus status,
    Optional<Giving> giving,
    Optional<Timing> timing,
    List<Giving> again,
    List<PerhapsGiven> perhaps) {

  public DoseNow {
    again = List.copyOf(again);
    perhaps = List.copyOf(perhaps);
  }
}
