package org.evenlobe.server.exposure;

import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of what happens to dogs' ears, or is expected to. */
@Configuration
class ExposureKinds {

  @Bean
  FactKind<ExposureRequest, StoredExposure> exposureKind(DogFactRules rules, HouseholdDay day) {
    return rules.kind(
        "exposures",
        ExposureRequest.class,
        StoredExposure.class,
        StoredExposure::new,
        (id, said, errors) -> said.check(errors, day.today()));
  }

  @Bean
  FactKind<DryingRequest, StoredDrying> dryingKind(DogFactRules rules) {
    return rules.kind("dryings", DryingRequest.class, StoredDrying.class, StoredDrying::new);
  }

  @Bean
  FactKind<SeedLookRequest, StoredSeedLook> seedLookKind(DogFactRules rules) {
    return rules.kind(
        "seed-looks", SeedLookRequest.class, StoredSeedLook.class, StoredSeedLook::new);
  }

  @Bean
  FactKind<ExpectedExposureRequest, StoredExpectedExposure> expectedKind(DogFactRules rules) {
    return rules.kind(
        "expected-exposures",
        ExpectedExposureRequest.class,
        StoredExpectedExposure.class,
        StoredExpectedExposure::new,
        (id, said, errors) -> said.check(errors));
  }

  @Bean
  FactKind<StruckDayRequest, StoredStruckDay> struckDayKind(
      DogFactRules rules, ExpectedExposures expected) {
    return rules.kind(
        "struck-days",
        StruckDayRequest.class,
        StoredStruckDay.class,
        StoredStruckDay::new,
        DogFactRules.nothing(),
        (id, said, errors) ->
            errors.require(
                expected.isOf(CurrentMember.household(), said.expected(), said.dogId()),
                "expected",
                "is not expected of that dog"));
  }
}
