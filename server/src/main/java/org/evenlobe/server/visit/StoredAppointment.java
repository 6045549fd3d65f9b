package org.evenlobe.server.visit;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** When a vet is to see a dog. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "appointment")
class StoredAppointment extends StoredDogFact<AppointmentRequest> {
  private LocalDate madeFor;
  private @Nullable LocalTime madeForTime;
  private String what;

  @Override
  protected void say(AppointmentRequest said) {
    super.say(said);
    madeFor = said.on();
    madeForTime = said.time();
    what = said.what().strip();
  }
}
