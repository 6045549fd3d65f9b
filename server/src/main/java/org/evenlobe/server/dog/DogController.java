package org.evenlobe.server.dog;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactAnswer;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Adding and correcting dogs. */
@RestController
class DogController {
  private final DogKeeping dogs;

  DogController(DogKeeping dogs) {
    this.dogs = dogs;
  }

  @PutMapping("/api/households/{household}/dogs/{dog}")
  ResponseEntity<FactAnswer> put(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestHeader(name = "If-None-Match", required = false) @Nullable String ifNoneMatch,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @Valid @RequestBody DogRequest said) {
    return FactAnswer.of(dogs.put(dog, Precondition.of(ifNoneMatch, ifMatch), said));
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/versions")
  List<KeptVersion<DogRequest>> versions(@PathVariable UUID household, @PathVariable UUID dog) {
    return dogs.versions(dog);
  }

  @PostMapping("/api/households/{household}/dogs/{dog}/versions/{version}/restore")
  ResponseEntity<FactAnswer> restore(
      @PathVariable UUID household, @PathVariable UUID dog, @PathVariable int version) {
    return FactAnswer.of(dogs.restore(dog, version));
  }
}
