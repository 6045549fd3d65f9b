package org.evenlobe.server.trial;

import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of diet trials. */
@Configuration
class TrialKinds {

  @Bean
  FactKind<DietTrialRequest, StoredDietTrial> dietTrialKind(DogFactRules rules) {
    return rules.kind(
        "diet-trials",
        DietTrialRequest.class,
        StoredDietTrial.class,
        StoredDietTrial::new,
        (id, said, errors) -> said.check(errors));
  }

  @Bean
  FactKind<DietSlipRequest, StoredDietSlip> dietSlipKind(
      DogFactRules rules, FoldedDogs dogs, HouseholdDay day) {
    return rules.kind(
        "diet-slips",
        DietSlipRequest.class,
        StoredDietSlip.class,
        StoredDietSlip::new,
        DogFactRules.nothing(),
        (id, said, errors) ->
            trial(dogs, day, said.dogId(), said.trialId(), errors)
                .ifPresent(
                    trial ->
                        errors.require(
                            !said.moment().day().isBefore(trial.startsOn()),
                            "at",
                            "must not lie before the trial")));
  }

  @Bean
  FactKind<DietStepRequest, StoredDietStep> dietStepKind(
      DogFactRules rules, FoldedDogs dogs, HouseholdDay day) {
    return rules.kind(
        "diet-steps",
        DietStepRequest.class,
        StoredDietStep.class,
        StoredDietStep::new,
        DogFactRules.nothing(),
        (id, said, errors) -> trial(dogs, day, said.dogId(), said.trialId(), errors));
  }

  private static Optional<DietTrial> trial(
      FoldedDogs dogs, HouseholdDay day, UUID dog, UUID id, InvalidFields.Collector errors) {
    Optional<DietTrial> trial =
        dogs.one(dog, day.today()).record().all(DietTrial.class).stream()
            .filter(one -> one.id().equals(id))
            .findFirst();
    errors.require(trial.isPresent(), "trialId", "is not a diet trial of this dog");
    return trial;
  }
}
