package org.evenlobe.server.ear;

import java.time.Duration;
import java.util.List;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The breed catalogue. */
@RestController
class BreedController {
  private final BreedCatalogue breeds;

  BreedController(BreedCatalogue breeds) {
    this.breeds = breeds;
  }

  @GetMapping("/api/breeds")
  ResponseEntity<List<Breed>> breeds() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
        .body(breeds.all());
  }
}
