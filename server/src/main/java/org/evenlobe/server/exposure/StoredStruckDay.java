package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.core.record.StruckDay;
import org.evenlobe.server.record.StoredDogFact;

/** A day on which what was expected does not happen. */
@Entity
@Table(name = "struck_day")
class StoredStruckDay extends StoredDogFact<StruckDayRequest> {
  private UUID expectedId;
  private LocalDate struckOn;

  @Override
  protected void say(StruckDayRequest said) {
    super.say(said);
    expectedId = said.expected();
    struckOn = said.on();
  }

  @Override
  protected StruckDay toCore() {
    return new StruckDay(id(), moment(), expectedId, struckOn);
  }
}
