package org.evenlobe.server.exposure;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.server.record.StoredDogFact;

/** A day on which what was expected does not happen. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
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
}
