package org.evenlobe.server.visit;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.jspecify.annotations.Nullable;

/** What was said of a visit to the vet. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
class Visit extends StoredDogFact<VisitRequest> {

  @Embedded
  @EmbeddedColumnNaming("right_%s")
  private EarVisitColumns right;

  @Embedded
  @EmbeddedColumnNaming("left_%s")
  private EarVisitColumns left;

  private @Nullable LocalDate nextOn;
  private @Nullable String note;
  private boolean call;

  @Override
  protected void say(VisitRequest said) {
    super.say(said);
    right = EarVisitColumns.of(said.ears().right());
    left = EarVisitColumns.of(said.ears().left());
    nextOn = said.next();
    note = said.note();
    call = said.isCall();
  }

  static VisitRecord toCore(FactRow row) {
    return new VisitRecord(
        row.id(),
        row.moment(),
        new EarPair<>(
            row.get(0, EarVisitColumns.class).toCore(), row.get(1, EarVisitColumns.class).toCore()),
        Optional.ofNullable(row.orNull(2, LocalDate.class)),
        Optional.ofNullable(row.orNull(3, String.class)),
        row.get(4, Boolean.class));
  }
}
