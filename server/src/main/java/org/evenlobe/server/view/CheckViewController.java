package org.evenlobe.server.view;

import jakarta.validation.Valid;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.check.CheckRequest;
import org.evenlobe.server.view.CheckView.CheckInFull;
import org.evenlobe.server.view.CheckView.CheckLog;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What checks say. */
@RestController
class CheckViewController {
  private final CheckView answers;

  CheckViewController(CheckView answers) {
    this.answers = answers;
  }

  /**
   * A page of them.
   *
   * @param before the instant of the last one of the page before
   * @param beforeId its id
   */
  @GetMapping("/api/households/{household}/dogs/{dog}/checks")
  CheckLog log(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam(required = false) @Nullable Instant before,
      @RequestParam(required = false) @Nullable UUID beforeId) {
    return answers.log(dog, new Earlier(before, beforeId));
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/checks/{check}")
  CheckInFull check(
      @PathVariable UUID household, @PathVariable UUID dog, @PathVariable UUID check) {
    return answers.check(dog, check);
  }

  /**
   * Stores nothing.
   *
   * @param replacing the check that it would correct, where it is one
   */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/dogs/{dog}/previews/check")
  CheckInFull preview(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam(required = false) @Nullable UUID replacing,
      @Valid @RequestBody CheckRequest said) {
    return answers.preview(dog, Optional.ofNullable(replacing), said);
  }
}
