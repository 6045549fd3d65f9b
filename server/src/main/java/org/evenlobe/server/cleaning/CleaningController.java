package org.evenlobe.server.cleaning;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.Precondition;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
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
}
