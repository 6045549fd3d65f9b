package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.account.SignIns.SignIn;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where somebody is signed in, and ending it. */
@RestController
class SignInsController {
  private final SignIns sessions;

  SignInsController(SignIns sessions) {
    this.sessions = sessions;
  }

  @GetMapping("/api/me/sessions")
  List<SignIn> mine(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http) {
    return sessions.of(person.id(), http.getSession().getId());
  }

  @DeleteMapping("/api/me/sessions/{session}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      @PathVariable String session) {
    if (!sessions.end(person.id(), session)) {
      throw Refusal.notFound();
    }
    AuditLog.note(Event.SESSION_ENDED);
  }

  @PostMapping("/api/me/sign-out-everywhere")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOutEverywhere(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    sessions.endAll(person.id());
    AuditLog.note(Event.SESSION_ENDED);
  }
}
