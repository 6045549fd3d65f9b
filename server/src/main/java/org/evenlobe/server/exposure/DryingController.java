package org.evenlobe.server.exposure;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.record.DogFactKeeping;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Recording that wet ears were dried, and taking that back. */
@RestController
class DryingController {
  private final DogFactKeeping keeping;

  DryingController(DogFactKeeping keeping) {
    this.keeping = keeping;
  }

  @PutMapping("/api/households/{household}/dryings/{drying}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID drying,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody DryingRequest said) {
    return FactAnswer.of(
        keeping.put(
            StoredDrying.class,
            StoredDrying::new,
            drying,
            Precondition.of(ifNoneMatch, ifMatch),
            said,
            errors -> {}));
  }

  @DeleteMapping("/api/households/{household}/dryings/{drying}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID drying,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(
        keeping.remove(StoredDrying.class, drying, Precondition.of(null, ifMatch)));
  }
}
