package org.evenlobe.server.visit;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.server.fact.StoredFact;
import org.hibernate.annotations.EmbeddedColumnNaming;
import org.jspecify.annotations.Nullable;

/** What was said of a visit to the vet. */
@Entity
public class Visit extends StoredFact<VisitRequest> {
  private UUID dogId;
  private Instant doneAt;
  private String zone;

  @Embedded
  @EmbeddedColumnNaming("right_%s")
  private EarVisitColumns right;

  @Embedded
  @EmbeddedColumnNaming("left_%s")
  private EarVisitColumns left;

  private @Nullable LocalDate nextOn;
  private @Nullable String note;

  @Override
  protected void say(VisitRequest said) {
    dogId = said.dogId();
    doneAt = said.at();
    zone = said.zone().getId();
    right = EarVisitColumns.of(said.ears().right());
    left = EarVisitColumns.of(said.ears().left());
    nextOn = said.next();
    note = said.note();
  }

  /** Whose ears. */
  public UUID dogId() {
    return dogId;
  }

  /** The fact as the core knows it. */
  public VisitRecord toCore() {
    return new VisitRecord(
        id(),
        doneAt,
        ZoneId.of(zone),
        new EarPair<>(right.toCore(), left.toCore()),
        Optional.ofNullable(nextOn),
        Optional.ofNullable(note));
  }
}
