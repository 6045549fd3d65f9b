package org.evenlobe.core.plan;

import java.time.LocalDate;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Load;

/**
 * What learning needs to know of one ear's cleanings on one day.
 *
 * @param day the local day
 * @param inCanal whether liquid reached the canal
 * @param load what came out
 */
record DatedCleaning(LocalDate day, boolean inCanal, Load load) {

  static DatedCleaning of(LocalDate day, EarCleaning cleaning) {
    return new DatedCleaning(day, cleaning.method().inCanal(), cleaning.load());
  }

  /** Cleanings of one ear on one day are one, with the highest load. */
  DatedCleaning mergedWith(DatedCleaning sameDay) {
    Load highest = load.grade() >= sameDay.load.grade() ? load : sameDay.load;
    return new DatedCleaning(day, inCanal || sameDay.inCanal, highest);
  }
}
