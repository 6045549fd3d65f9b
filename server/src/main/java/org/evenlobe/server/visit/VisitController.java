package org.evenlobe.server.visit;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.visit.VisitAnswers.VisitEntry;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Looking at the visits of a dog. */
@RestController
class VisitController {
  private final VisitAnswers visits;

  VisitController(VisitAnswers visits) {
    this.visits = visits;
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/visits")
  List<VisitEntry> ofDog(@PathVariable UUID household, @PathVariable UUID dog) {
    return visits.ofDog(dog);
  }
}
