package org.evenlobe.server.cleaning;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.server.fact.StoredFact;
import org.jspecify.annotations.Nullable;

/** What was said of a cleaning. */
@Entity
public class Cleaning extends StoredFact<CleaningRequest> {
  private UUID dogId;
  private Instant doneAt;
  private String zone;

  @Embedded
  @AttributeOverride(name = "method", column = @Column(name = "right_method"))
  @AttributeOverride(name = "load", column = @Column(name = "right_load"))
  @AttributeOverride(name = "fills", column = @Column(name = "right_fills"))
  @AttributeOverride(name = "poured", column = @Column(name = "right_poured"))
  private @Nullable EarColumns right;

  @Embedded
  @AttributeOverride(name = "method", column = @Column(name = "left_method"))
  @AttributeOverride(name = "load", column = @Column(name = "left_load"))
  @AttributeOverride(name = "fills", column = @Column(name = "left_fills"))
  @AttributeOverride(name = "poured", column = @Column(name = "left_poured"))
  private @Nullable EarColumns left;

  private @Nullable String note;

  @Override
  protected void say(CleaningRequest said) {
    dogId = said.dogId();
    doneAt = said.at();
    zone = said.zone().getId();
    right = EarColumns.of(said.ears().right());
    left = EarColumns.of(said.ears().left());
    note = said.note();
  }

  /** Whose ears. */
  public UUID dogId() {
    return dogId;
  }

  /** The fact as the core knows it. */
  public CleaningRecord toCore() {
    return new CleaningRecord(
        id(),
        doneAt,
        ZoneId.of(zone),
        new EarPair<>(EarColumns.toCore(right), EarColumns.toCore(left)),
        Optional.ofNullable(note));
  }
}
