package org.evenlobe.server.view;

import java.util.List;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.CleaningOutcome;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.view.SessionView.GuidedSession;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Guided sessions, computed at every request. */
@RestController
class SessionController {
  private final SessionView sessions;

  SessionController(SessionView sessions) {
    this.sessions = sessions;
  }

  /**
   * The session that cleans.
   *
   * @param ears the ears to be cleaned, one or both
   * @param fully whether they are cleaned fully though they may be quiet and not due
   * @param helper whether a second person is there
   */
  @GetMapping("/api/households/{household}/dogs/{dog}/session")
  GuidedSession cleaning(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam List<Side> ears,
      @RequestParam(defaultValue = "false") boolean fully,
      @RequestParam boolean helper) {
    if (ears.isEmpty() || ears.size() > Side.values().length) {
      throw InvalidFields.of("ears", "must name one ear or both");
    }
    return sessions.cleaning(dog, ears, fully, helper);
  }

  /**
   * The practice for where the dog stands on the trust ladder.
   *
   * @param helper whether a second person is there
   */
  @GetMapping("/api/households/{household}/dogs/{dog}/practice")
  GuidedSession practice(
      @PathVariable UUID household, @PathVariable UUID dog, @RequestParam boolean helper) {
    return sessions.practice(dog, helper);
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/cleanings/{cleaning}/outcome")
  CleaningOutcome outcome(
      @PathVariable UUID household, @PathVariable UUID dog, @PathVariable UUID cleaning) {
    return sessions.outcome(dog, cleaning);
  }
}
