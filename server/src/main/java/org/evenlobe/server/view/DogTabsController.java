package org.evenlobe.server.view;

import io.swagger.v3.oas.annotations.Parameter;
import java.util.UUID;
import org.evenlobe.server.view.DogTabsView.ChecksTab;
import org.evenlobe.server.view.DogTabsView.InsideTab;
import org.evenlobe.server.view.DogTabsView.RecordTab;
import org.evenlobe.server.view.DogTabsView.VisitsTab;
import org.evenlobe.server.view.DogTabsView.WaterTab;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** What is asked for of a dog when it is opened. */
@RestController
@RequestMapping("/api/households/{household}/dogs/{dog}/tabs")
class DogTabsController {
  private final DogTabsView tabs;
  private final Unchanged unchanged;

  DogTabsController(DogTabsView tabs, Unchanged unchanged) {
    this.tabs = tabs;
    this.unchanged = unchanged;
  }

  @GetMapping("/record")
  ResponseEntity<RecordTab> record(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> tabs.record(dog, standing));
  }

  @GetMapping("/checks")
  ResponseEntity<ChecksTab> checks(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> tabs.checks(dog, standing));
  }

  @GetMapping("/visits")
  ResponseEntity<VisitsTab> visits(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> tabs.visits(dog, standing));
  }

  @GetMapping("/water")
  ResponseEntity<WaterTab> water(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> tabs.water(dog, standing));
  }

  @GetMapping("/inside")
  ResponseEntity<InsideTab> inside(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> tabs.inside(dog, standing));
  }
}
