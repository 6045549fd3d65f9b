package org.evenlobe.server.view;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan that a dog would have if something were different; nothing of it is stored. */
@Service
class WhatIfView {
  private final FoldedDogs dogs;
  private final HouseholdDay day;
  private final Planner planner;
  private final Plans plans;

  WhatIfView(FoldedDogs dogs, HouseholdDay day, Planner planner, Plans plans) {
    this.dogs = dogs;
    this.day = day;
    this.planner = planner;
    this.plans = plans;
  }

  /**
   * Both plans, each for the dog by itself.
   *
   * @param now as it is
   * @param then as it would be
   */
  record WhatIf(DogPlan now, DogPlan then) {}

  /**
   * The plans without and with what might be different.
   *
   * @throws Refusal 404 if there is no such dog
   * @throws InvalidFields if it names a school that nobody chooses
   */
  @Transactional(readOnly = true)
  public WhatIf whatIf(UUID id, WhatIfRequest said) {
    new InvalidFields.Collector()
        .require(
            said.scheduling() == null || said.scheduling().isChosen(),
            "scheduling",
            "is a vet's to prescribe")
        .throwIfAny();
    Standing standing = plans.standing();
    Preferences preferences = plans.preferences(standing);
    DogHistory history = dogs.one(id, standing.today()).history();
    DogRecord record = history.dog();
    DogProfile otherwise = changed(record.profile(), said, preferences);
    DogHistory then =
        said.load() == null
            ? history.asIf(otherwise)
            : DogHistory.of(
                record.with(otherwise).plus(cleanedNow(said, standing.zone())), standing.today());
    return new WhatIf(
        planner.plan(history, preferences), planner.plan(then, said.preferences(preferences)));
  }

  private static DogProfile changed(DogProfile is, WhatIfRequest said, Preferences household) {
    Preferences own = household.with(is.own());
    boolean otherSchool = said.scheduling() != null || said.fixedDays() != null;
    return new DogProfile(
        is.name(),
        is.breeds(),
        is.bornOn(),
        is.ageEstimated(),
        is.weights(),
        said.ears(is.ears()),
        said.life(is.life()),
        is.lightCoat(),
        is.litter(),
        is.waterSensitive(),
        is.eardrum(),
        is.reactions(),
        is.normal(),
        is.handling(),
        is.ways(),
        otherSchool
            ? new Preferences.Own(
                Optional.of(said.preferences(own).scheduling()),
                Optional.of(said.preferences(own).fixedDays()))
            : is.own());
  }

  private CleaningRecord cleanedNow(WhatIfRequest said, ZoneId zone) {
    Instant now = day.now();
    return new CleaningRecord(
        new UUID(0, 0),
        Moment.of(now, zone),
        EarPair.both(Optional.of(EarCleaning.unmeasured(CleaningMethod.FILL, said.load()))),
        CleaningRecord.Manner.UNSAID,
        Optional.empty());
  }
}
