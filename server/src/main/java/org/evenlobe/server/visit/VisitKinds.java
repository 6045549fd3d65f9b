package org.evenlobe.server.visit;

import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of visits to the vet, and of when one is to be. */
@Configuration
class VisitKinds {

  @Bean
  FactKind<VisitRequest, Visit> visitKind(DogFactRules rules) {
    return rules.kind(
        "visits",
        VisitRequest.class,
        Visit.class,
        Visit::new,
        (id, said, errors) -> said.check(errors));
  }

  @Bean
  FactKind<AppointmentRequest, StoredAppointment> appointmentKind(DogFactRules rules) {
    return rules.kind(
        "appointments",
        AppointmentRequest.class,
        StoredAppointment.class,
        StoredAppointment::new,
        (id, said, errors) -> said.check(errors));
  }
}
