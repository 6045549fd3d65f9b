package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.server.fact.StoredFact;

/** What was said to have happened to a dog's ears. */
@Entity
@Table(name = "exposure")
public class StoredExposure extends StoredFact<ExposureRequest> {
  private UUID dogId;
  private Instant doneAt;
  private String zone;

  @Enumerated(EnumType.STRING)
  private ExposureKind kind;

  private LocalDate firstDay;
  private LocalDate lastDay;

  @Override
  protected void say(ExposureRequest said) {
    dogId = said.dogId();
    doneAt = said.at();
    zone = said.zone().getId();
    kind = said.kind();
    firstDay = said.firstDay();
    lastDay = said.lastDay();
  }

  /** Whose ears. */
  public UUID dogId() {
    return dogId;
  }

  /** The fact as the core knows it. */
  public Exposure toCore() {
    return new Exposure(id(), doneAt, ZoneId.of(zone), kind, firstDay, lastDay);
  }
}
