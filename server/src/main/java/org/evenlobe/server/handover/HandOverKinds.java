package org.evenlobe.server.handover;

import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of what others tell of a dog. */
@Configuration
class HandOverKinds {

  @Bean
  FactKind<ToldRequest, StoredTold> toldKind(DogFactRules rules) {
    return rules.kind(
        "told",
        ToldRequest.class,
        StoredTold.class,
        StoredTold::new,
        (id, said, errors) -> said.check(errors));
  }
}
