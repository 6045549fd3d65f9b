package org.evenlobe.server.rule;

import java.time.Duration;
import org.evenlobe.core.rule.Rulebook;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rulebook. */
@RestController
class RulebookController {
  private final Rulebook book = Rulebook.shipped();

  @GetMapping("/api/rulebook")
  ResponseEntity<Rulebook> rulebook() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
        .body(book);
  }
}
