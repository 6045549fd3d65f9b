package org.evenlobe.server.check;

import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of checks. */
@Configuration
class CheckKinds {

  @Bean
  FactKind<CheckRequest, Check> checkKind(DogFactRules rules) {
    return rules.kind(
        "checks",
        CheckRequest.class,
        Check.class,
        Check::new,
        (id, said, errors) -> said.check(errors));
  }

  @Bean
  FactKind<HoldReleaseRequest, StoredRelease> releaseKind(
      DogFactRules rules, HoldReleaseRules allowed) {
    return rules.kind(
        "hold-releases",
        HoldReleaseRequest.class,
        StoredRelease.class,
        StoredRelease::new,
        DogFactRules.nothing(),
        (id, said, errors) -> {
          errors.throwIfAny();
          allowed.check(id, said);
        });
  }
}
