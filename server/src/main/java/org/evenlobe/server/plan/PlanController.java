package org.evenlobe.server.plan;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.StartingInterval;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.dog.DogRequest;
import org.evenlobe.server.plan.HouseholdPlans.ArchivedDog;
import org.evenlobe.server.plan.HouseholdPlans.DogInFull;
import org.evenlobe.server.plan.HouseholdPlans.Today;
import org.evenlobe.server.plan.WhatIfAnswers.WhatIf;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Plans, computed at every request. */
@RestController
class PlanController {
  private final HouseholdPlans plans;
  private final WhatIfAnswers whatIf;
  private final Planner planner;

  PlanController(HouseholdPlans plans, WhatIfAnswers whatIf, Planner planner) {
    this.plans = plans;
    this.whatIf = whatIf;
    this.planner = planner;
  }

  /**
   * What a dog's traits come to before they are saved.
   *
   * @param loadFactor how fast its ears are expected to gather
   * @param start what is begun with
   */
  record IntervalPreview(LoadFactor loadFactor, StartingInterval start) {}

  @GetMapping("/api/households/{household}/today")
  Today today(@PathVariable UUID household) {
    return plans.today();
  }

  @GetMapping("/api/households/{household}/dogs/{dog}")
  DogInFull dog(@PathVariable UUID household, @PathVariable UUID dog) {
    return plans.dog(dog);
  }

  @GetMapping("/api/households/{household}/archived-dogs")
  List<ArchivedDog> archived(@PathVariable UUID household) {
    return plans.archived();
  }

  /** The plan that the dog would have; stores nothing. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/dogs/{dog}/what-if")
  WhatIf whatIf(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Valid @RequestBody WhatIfRequest said) {
    return whatIf.whatIf(dog, said);
  }

  /** Stores nothing. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/previews/interval")
  IntervalPreview interval(@PathVariable UUID household, @Valid @RequestBody DogRequest said) {
    LoadFactor factor = planner.loadFactor(said.toCore(), plans.climate());
    return new IntervalPreview(factor, StartingInterval.of(factor));
  }
}
