package org.evenlobe.server.visit;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.jspecify.annotations.Nullable;

/** What was said of a visit to the vet. */
@Entity
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

  @Override
  protected VisitRecord toCore() {
    return new VisitRecord(
        id(),
        moment(),
        new EarPair<>(right.toCore(), left.toCore()),
        Optional.ofNullable(nextOn),
        Optional.ofNullable(note),
        call);
  }
}
