package org.evenlobe.core.record;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * When a vet is to see a dog.
 *
 * @param id its id
 * @param moment when it was recorded
 * @param on the local day
 * @param time the local time, where it is known
 * @param what what it is for, or where, in the person's own words
 */
public record Appointment(
    UUID id, Moment moment, LocalDate on, Optional<LocalTime> time, String what)
    implements ReadFact {

  public Appointment {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(on, "on");
    Objects.requireNonNull(time, "time");
    Objects.requireNonNull(what, "what");
  }
}
