package org.evenlobe.core.ear;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;

/** What both canals of a dog hold: each ear learns from its own fills. */
public final class Canals {
  private Canals() {}

  /** The estimates as of a day; empty while nothing is known of the dog's weight. */
  public static Optional<EarPair<CanalEstimate>> of(DogRecord dog, LocalDate today) {
    return dog.profile()
        .weightOn(today)
        .map(weight -> EarPair.bySide(side -> CanalEstimate.of(weight, fills(dog, side, today))));
  }

  private static List<Volume> fills(DogRecord dog, Side side, LocalDate today) {
    return dog.cleanings().stream()
        .filter(cleaning -> !cleaning.day().isAfter(today))
        .map(CleaningRecord::ears)
        .map(ears -> ears.get(side))
        .flatMap(Optional::stream)
        .map(EarCleaning::fillToTheLine)
        .flatMap(Optional::stream)
        .toList();
  }
}
