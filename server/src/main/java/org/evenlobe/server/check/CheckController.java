package org.evenlobe.server.check;

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

/** Recording and correcting checks. */
@RestController
class CheckController {
  private final CheckKeeping checks;

  CheckController(CheckKeeping checks) {
    this.checks = checks;
  }

  @PutMapping("/api/households/{household}/checks/{check}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID check,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody CheckRequest said) {
    return FactAnswer.of(checks.put(check, Precondition.of(ifNoneMatch, ifMatch), said));
  }

  @DeleteMapping("/api/households/{household}/checks/{check}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID check,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(checks.remove(check, Precondition.of(null, ifMatch)));
  }

  @GetMapping("/api/households/{household}/checks/{check}/versions")
  List<KeptVersion<CheckRequest>> versions(@PathVariable UUID household, @PathVariable UUID check) {
    return checks.versions(check);
  }

  @PostMapping("/api/households/{household}/checks/{check}/versions/{version}/restore")
  ResponseEntity<FactAnswer> restore(
      @PathVariable UUID household, @PathVariable UUID check, @PathVariable int version) {
    return FactAnswer.of(checks.restore(check, version));
  }
}
