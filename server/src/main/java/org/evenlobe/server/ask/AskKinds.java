package org.evenlobe.server.ask;

import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of answers. */
@Configuration
class AskKinds {

  @Bean
  FactKind<AnsweredRequest, StoredAnswered> answeredKind(DogFactRules rules) {
    return rules.kind(
        "answers",
        AnsweredRequest.class,
        StoredAnswered.class,
        StoredAnswered::new,
        (id, said, errors) -> said.check(errors));
  }
}
