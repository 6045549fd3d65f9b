package org.evenlobe.server.ear;

import java.time.Duration;
import java.util.List;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
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

  /**
   * What a cross of two is expected to be like.
   *
   * @param one id of a breed
   * @param two id of the other
   */
  @GetMapping("/api/breeds/cross")
  Breed cross(@RequestParam String one, @RequestParam String two) {
    return find("one", one).crossedWith(find("two", two));
  }

  private Breed find(String field, String id) {
    return breeds
        .find(id)
        .orElseThrow(() -> InvalidFields.of(field, "is not a breed in the catalogue"));
  }
}
