package org.evenlobe.server.view;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.learn.StartingInterval;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.dog.DogRequest;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.view.DogView.ArchivedDog;
import org.evenlobe.server.view.DogView.CleaningPage;
import org.evenlobe.server.view.DogView.DogInFull;
import org.evenlobe.server.view.TodayView.Today;
import org.evenlobe.server.view.WhatIfView.WhatIf;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** Plans, computed at every request. */
@RestController
class ViewController {
  private final TodayView today;
  private final DogView dogs;
  private final WhatIfView whatIf;
  private final Plans plans;
  private final Planner planner;
  private final Unchanged unchanged;

  ViewController(
      TodayView today,
      DogView dogs,
      WhatIfView whatIf,
      Plans plans,
      Planner planner,
      Unchanged unchanged) {
    this.today = today;
    this.dogs = dogs;
    this.whatIf = whatIf;
    this.plans = plans;
    this.planner = planner;
    this.unchanged = unchanged;
  }

  /**
   * What a dog's traits come to before they are saved.
   *
   * @param loadFactor how fast its ears are expected to gather
   * @param start what is begun with
   */
  record IntervalPreview(LoadFactor loadFactor, StartingInterval start) {}

  @GetMapping("/api/households/{household}/today")
  ResponseEntity<Today> today(
      @PathVariable UUID household, @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, today::today);
  }

  @GetMapping("/api/households/{household}/dogs/{dog}")
  ResponseEntity<DogInFull> dog(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> dogs.dog(dog, standing));
  }

  /**
   * A page of them.
   *
   * @param before the instant of the last one of the page before
   * @param beforeId its id
   */
  @GetMapping("/api/households/{household}/dogs/{dog}/cleanings")
  CleaningPage cleanings(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam(required = false) @Nullable Instant before,
      @RequestParam(required = false) @Nullable UUID beforeId) {
    return dogs.cleanings(dog, new Earlier(before, beforeId));
  }

  @GetMapping("/api/households/{household}/archived-dogs")
  List<ArchivedDog> archived(@PathVariable UUID household) {
    return dogs.archived();
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
    LoadFactor factor = planner.loadFactor(said.toCore(), plans.reading(plans.standing()));
    return new IntervalPreview(factor, StartingInterval.of(factor));
  }
}
