package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.SignedInPerson;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Changing a password, giving it again, and a new one where it was forgotten. */
@RestController
class PasswordController {
  private final Passwords passwords;
  private final SignIns sessions;
  private final FreshPassword fresh;

  PasswordController(Passwords passwords, SignIns sessions, FreshPassword fresh) {
    this.passwords = passwords;
    this.sessions = sessions;
    this.fresh = fresh;
  }

  /**
   * Another password.
   *
   * @param present the one that holds now
   * @param next 12 to 200 characters, none of the commonest and no part of the address
   */
  record PasswordRequest(
      @NotNull @Size(max = PasswordRules.LONGEST) String present,
      @NotNull @Size(min = PasswordRules.SHORTEST, max = PasswordRules.LONGEST) String next) {}

  /**
   * The password, once more.
   *
   * @param present the one that holds now
   */
  record PasswordAgainRequest(@NotNull @Size(max = PasswordRules.LONGEST) String present) {}

  /**
   * Somebody has forgotten it.
   *
   * @param email the address that they sign in with
   */
  record ForgottenRequest(@NotBlank @Email @Size(max = 200) String email) {}

  /**
   * The new one.
   *
   * @param next 12 to 200 characters, none of the commonest and no part of the address
   */
  record NewPasswordRequest(
      @NotNull @Size(min = PasswordRules.SHORTEST, max = PasswordRules.LONGEST) String next) {}

  /** Ends all other sessions too, and this one's id: whoever knew the old password is out. */
  @PutMapping("/api/me/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http,
      @Valid @RequestBody PasswordRequest request) {
    passwords.change(person.id(), request.present(), request.next());
    sessions.endAllBut(person.id(), http.getSession().getId());
    http.changeSessionId();
    fresh.given(http);
    AuditLog.note(Event.PASSWORD_CHANGED);
  }

  /** What takes the password again can be done for ten minutes from now. */
  @PostMapping("/api/me/password-again")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void again(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http,
      @Valid @RequestBody PasswordAgainRequest request) {
    passwords.require(person.id(), request.present());
    fresh.given(http);
  }

  /** Whether it was given not long ago: asked before what a browser fetches by itself. */
  @GetMapping("/api/me/password-again")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void isFresh(HttpServletRequest http) {
    fresh.require(http);
  }

  /** Sends a link where the address has an account; the answer is the same where it has none. */
  @PostMapping("/api/forgotten-passwords")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgotten(@Valid @RequestBody ForgottenRequest request) {
    passwords.forgotten(request.email());
  }

  /** Sets the password that a mail's link allows, and ends all sessions. */
  @PutMapping("/api/forgotten-passwords/{token}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void renew(@PathVariable String token, @Valid @RequestBody NewPasswordRequest request) {
    UUID person = passwords.renew(token, request.next());
    sessions.endAll(person);
    AuditLog.note(Event.PASSWORD_RENEWED, person, null);
  }
}
