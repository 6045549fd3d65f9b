package org.evenlobe.server.cleaning;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.Precondition;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Recording practices on the trust ladder, and taking that back. */
@RestController
class PracticeController {
  private final PracticeKeeping practices;

  PracticeController(PracticeKeeping practices) {
    this.practices = practices;
  }

  @PutMapping("/api/households/{household}/practices/{practice}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID practice,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody PracticeRequest said) {
    return FactAnswer.of(practices.put(practice, Precondition.of(ifNoneMatch, ifMatch), said));
  }

  @DeleteMapping("/api/households/{household}/practices/{practice}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID practice,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(practices.remove(practice, Precondition.of(null, ifMatch)));
  }
}
