package org.evenlobe.server.trend;

import java.util.Optional;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.record.TriggerSaid;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactReading;
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

  @Bean
  DogFactReading<TriggerSaid> triggerReading() {
    return DogFactReading.together(
        StoredTriggerSaid.class,
        row ->
            new TriggerSaid(
                row.id(),
                row.moment(),
                Trigger.valueOf(row.text(0)),
                row.isTrue(1),
                Optional.ofNullable(row.orNull(2, String.class))),
        "fact.trigger",
        "fact.follows",
        "fact.note");
  }
}
