package org.evenlobe.server.visit;

import org.evenlobe.server.archive.KeptFiles;
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
  FactKind<LightLookRequest, StoredLightLook> lookKind(DogFactRules rules) {
    return rules.kind(
        "looks",
        LightLookRequest.class,
        StoredLightLook.class,
        StoredLightLook::new,
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

  @Bean
  KeptFiles documentFiles(VisitDocuments documents) {
    return new KeptFiles(
        "documents",
        """
        select visit_id as owner, id,
          case media_type when 'application/pdf' then 'pdf' else 'jpg' end as type,
          name as title, sent_at, content
        from visit_document where household_id = ?
        """,
        documents::keep);
  }
}
