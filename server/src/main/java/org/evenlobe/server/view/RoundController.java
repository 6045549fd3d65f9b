package org.evenlobe.server.view;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.view.RoundView.RoundSheet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rounds, computed at every request. */
@RestController
class RoundController {
  private final RoundView rounds;

  RoundController(RoundView rounds) {
    this.rounds = rounds;
  }

  /**
   * Many dogs one after the other.
   *
   * @param dogs which; all of which a look or a cleaning is due where it is left out
   * @param helper whether a second person is there
   */
  @GetMapping("/api/households/{household}/round")
  RoundSheet round(
      @PathVariable UUID household,
      @RequestParam(defaultValue = "") List<UUID> dogs,
      @RequestParam boolean helper) {
    // an empty or unprintable id is read as none
    if (dogs.stream().anyMatch(Objects::isNull)) {
      throw InvalidFields.of("dogs", "must be ids of dogs");
    }
    return rounds.round(dogs, helper);
  }
}
