package org.evenlobe.server.visit;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** When a vet is to see a dog. */
@Entity
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

  @Override
  protected Appointment toCore() {
    return new Appointment(id(), moment(), madeFor, Optional.ofNullable(madeForTime), what);
  }
}
