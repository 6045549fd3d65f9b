package org.evenlobe.server.trend;

import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of what a record shows over time. */
@Configuration
class TrendKinds {

  @Bean
  FactKind<TriggerSaidRequest, StoredTriggerSaid> triggerKind(DogFactRules rules) {
    return rules.kind(
        "triggers", TriggerSaidRequest.class, StoredTriggerSaid.class, StoredTriggerSaid::new);
  }
}
