package org.evenlobe.server.visit;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.record.DogFactKeeping;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Noting when a vet is to see a dog, and taking that back. */
@RestController
class AppointmentController {
  private final DogFactKeeping keeping;

  AppointmentController(DogFactKeeping keeping) {
    this.keeping = keeping;
  }

  @PutMapping("/api/households/{household}/appointments/{appointment}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID appointment,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody AppointmentRequest said) {
    return FactAnswer.of(
        keeping.put(
            StoredAppointment.class,
            StoredAppointment::new,
            appointment,
            Precondition.of(ifNoneMatch, ifMatch),
            said,
            said::check));
  }

  @DeleteMapping("/api/households/{household}/appointments/{appointment}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID appointment,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(
        keeping.remove(StoredAppointment.class, appointment, Precondition.of(null, ifMatch)));
  }
}
