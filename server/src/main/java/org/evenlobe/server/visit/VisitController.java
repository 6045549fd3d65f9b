package org.evenlobe.server.visit;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.visit.VisitKeeping.VisitEntry;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Recording and correcting visits. */
@RestController
class VisitController {
  private final VisitKeeping visits;

  VisitController(VisitKeeping visits) {
    this.visits = visits;
  }

  @PutMapping("/api/households/{household}/visits/{visit}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID visit,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody VisitRequest said) {
    return FactAnswer.of(visits.put(visit, Precondition.of(ifNoneMatch, ifMatch), said));
  }

  @DeleteMapping("/api/households/{household}/visits/{visit}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID visit,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(visits.remove(visit, Precondition.of(null, ifMatch)));
  }

  @GetMapping("/api/households/{household}/visits/{visit}/versions")
  List<KeptVersion<VisitRequest>> versions(@PathVariable UUID household, @PathVariable UUID visit) {
    return visits.versions(visit);
  }

  @PostMapping("/api/households/{household}/visits/{visit}/versions/{version}/restore")
  ResponseEntity<FactAnswer> restore(
      @PathVariable UUID household, @PathVariable UUID visit, @PathVariable int version) {
    return FactAnswer.of(visits.restore(visit, version));
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/visits")
  List<VisitEntry> ofDog(@PathVariable UUID household, @PathVariable UUID dog) {
    return visits.ofDog(dog);
  }
}
