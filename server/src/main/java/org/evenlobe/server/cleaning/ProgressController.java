package org.evenlobe.server.cleaning;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Keeping and forgetting how far the session with a dog has got. */
@RestController
class ProgressController {
  private final SessionProgress progress;

  ProgressController(SessionProgress progress) {
    this.progress = progress;
  }

  @PutMapping("/api/households/{household}/dogs/{dog}/session-progress")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Valid @RequestBody ProgressRequest said) {
    progress.put(dog, said);
  }

  @DeleteMapping("/api/households/{household}/dogs/{dog}/session-progress/{session}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID household, @PathVariable UUID dog, @PathVariable UUID session) {
    progress.remove(dog, session);
  }
}
