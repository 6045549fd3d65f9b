package org.evenlobe.server.cleaning;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
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

/** Recording and correcting cleanings. */
@RestController
class CleaningController {
  private final CleaningKeeping cleanings;

  CleaningController(CleaningKeeping cleanings) {
    this.cleanings = cleanings;
  }

  @PutMapping("/api/households/{household}/cleanings/{cleaning}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID cleaning,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody CleaningRequest said) {
    return FactAnswer.of(cleanings.put(cleaning, Precondition.of(ifNoneMatch, ifMatch), said));
  }

  @DeleteMapping("/api/households/{household}/cleanings/{cleaning}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID cleaning,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(cleanings.remove(cleaning, Precondition.of(null, ifMatch)));
  }

  @GetMapping("/api/households/{household}/cleanings/{cleaning}/versions")
  List<KeptVersion<CleaningRequest>> versions(
      @PathVariable UUID household, @PathVariable UUID cleaning) {
    return cleanings.versions(cleaning);
  }

  @PostMapping("/api/households/{household}/cleanings/{cleaning}/versions/{version}/restore")
  ResponseEntity<FactAnswer> restore(
      @PathVariable UUID household, @PathVariable UUID cleaning, @PathVariable int version) {
    return FactAnswer.of(cleanings.restore(cleaning, version));
  }
}
