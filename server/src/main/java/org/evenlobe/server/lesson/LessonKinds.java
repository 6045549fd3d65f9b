package org.evenlobe.server.lesson;

import java.util.Optional;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.Shapes;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of how people learn. */
@Configuration
class LessonKinds {

  @Bean
  FactKind<GradingRequest, StoredGrading> gradingKind(HouseholdDay day) {
    return new FactKind<>(
            "gradings",
            GradingRequest.class,
            StoredGrading.class,
            StoredGrading::new,
            true,
            Role.CARER,
            said -> Optional.empty(),
            (id, said) ->
                new InvalidFields.Collector()
                    .require(!said.at().isAfter(day.latest()), "at", "must not lie in the future")
                    .throwIfAny())
        // an ear is a side everywhere else
        .shaped(Shapes.FIRST.then(Shapes.renamed("ear", "drawing")));
  }
}
