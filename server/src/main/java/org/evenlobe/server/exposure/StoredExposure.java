package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.server.record.StoredDogFact;

/** What was said to have happened to a dog's ears. */
@Entity
@Table(name = "exposure")
class StoredExposure extends StoredDogFact<ExposureRequest> {

  @Enumerated(EnumType.STRING)
  private ExposureKind kind;

  private LocalDate firstDay;
  private LocalDate lastDay;

  @Override
  protected void say(ExposureRequest said) {
    super.say(said);
    kind = said.kind();
    firstDay = said.firstDay();
    lastDay = said.lastDay();
  }

  @Override
  protected Exposure toCore() {
    return new Exposure(id(), moment(), kind, firstDay, lastDay);
  }
}
