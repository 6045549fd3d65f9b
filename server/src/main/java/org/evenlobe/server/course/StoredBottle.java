package org.evenlobe.server.course;

import java.time.LocalDate;
import org.evenlobe.core.record.MedicineBottle;
import org.jspecify.annotations.Nullable;

/** The bottle of a course, as the column holds it. */
record StoredBottle(
    double millilitres,
    @Nullable Double dropsPerMillilitre,
    @Nullable Double strokeMillilitres,
    @Nullable String openedOn,
    @Nullable Integer keepsDays) {

  static StoredBottle of(MedicineBottleRequest said) {
    return new StoredBottle(
        said.millilitres(),
        said.dropsPerMillilitre(),
        said.strokeMillilitres(),
        said.openedOn() == null ? null : said.openedOn().toString(),
        said.keepsDays());
  }

  MedicineBottle toCore() {
    return new MedicineBottleRequest(
            millilitres,
            dropsPerMillilitre,
            strokeMillilitres,
            openedOn == null ? null : LocalDate.parse(openedOn),
            keepsDays)
        .toCore();
  }
}
