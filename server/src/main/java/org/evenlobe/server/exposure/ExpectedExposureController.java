package org.evenlobe.server.exposure;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
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

/** What is expected to happen to a dog's ears, and the days on which it does not. */
@RestController
class ExpectedExposureController {
  private final DogFactKeeping keeping;
  private final ExpectedExposures expected;

  ExpectedExposureController(DogFactKeeping keeping, ExpectedExposures expected) {
    this.keeping = keeping;
    this.expected = expected;
  }

  @PutMapping("/api/households/{household}/expected-exposures/{exposure}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID exposure,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody ExpectedExposureRequest said) {
    return FactAnswer.of(
        keeping.put(
            StoredExpectedExposure.class,
            StoredExpectedExposure::new,
            exposure,
            Precondition.of(ifNoneMatch, ifMatch),
            said,
            said::check));
  }

  @DeleteMapping("/api/households/{household}/expected-exposures/{exposure}")
  ResponseEntity<FactAnswer> remove(
      @PathVariable UUID household,
      @PathVariable UUID exposure,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(
        keeping.remove(StoredExpectedExposure.class, exposure, Precondition.of(null, ifMatch)));
  }

  @PutMapping("/api/households/{household}/struck-days/{struck}")
  ResponseEntity<FactAnswer> strike(
      @PathVariable UUID household,
      @PathVariable UUID struck,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody StruckDayRequest said) {
    return FactAnswer.of(
        keeping.put(
            StoredStruckDay.class,
            StoredStruckDay::new,
            struck,
            Precondition.of(ifNoneMatch, ifMatch),
            said,
            errors ->
                errors.require(
                    expected.isOf(CurrentMember.household(), said.expected(), said.dogId()),
                    "expected",
                    "is not expected of that dog")));
  }

  @DeleteMapping("/api/households/{household}/struck-days/{struck}")
  ResponseEntity<FactAnswer> unstrike(
      @PathVariable UUID household,
      @PathVariable UUID struck,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return FactAnswer.of(
        keeping.remove(StoredStruckDay.class, struck, Precondition.of(null, ifMatch)));
  }
}
