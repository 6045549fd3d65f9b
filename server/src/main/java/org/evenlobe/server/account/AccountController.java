package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.access.SignedInPerson;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Registering, who is signed in, and their password and sessions. */
@RestController
class AccountController {
  private final Accounts accounts;
  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  AccountController(
      Accounts accounts, FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.accounts = accounts;
    this.sessions = sessions;
  }

  /**
   * A new person with a household of their own.
   *
   * @param name what they are called
   * @param email what they sign in with
   * @param password 10 to 200 characters
   * @param household what the household is called
   * @param zone the time zone that its days are counted in
   */
  record RegistrationRequest(
      @NotBlank @Size(max = 80) String name,
      @NotBlank @Email @Size(max = 200) String email,
      @NotNull @Size(min = 10, max = 200) String password,
      @NotBlank @Size(max = 80) String household,
      @NotNull ZoneId zone) {}

  /**
   * Another password.
   *
   * @param present the one that holds now
   * @param next 10 to 200 characters
   */
  record PasswordRequest(
      @NotNull @Size(max = 200) String present, @NotNull @Size(min = 10, max = 200) String next) {}

  @PostMapping("/api/people")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void register(@Valid @RequestBody RegistrationRequest request) {
    CurrentMember.run(
        new Member(UUID.randomUUID(), UUID.randomUUID(), Role.OWNER),
        () ->
            accounts.register(
                request.name(),
                request.email(),
                request.password(),
                request.household(),
                request.zone()));
  }

  @GetMapping("/api/me")
  Accounts.Me me(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    return accounts.me(person.id());
  }

  /** Ends all other sessions too, and this one's id: whoever knew the old password is out. */
  @PutMapping("/api/me/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http,
      @Valid @RequestBody PasswordRequest request) {
    accounts.changePassword(person.id(), request.present(), request.next());
    endSessions(person, http.getSession().getId());
    http.changeSessionId();
  }

  @PostMapping("/api/me/sign-out-everywhere")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOutEverywhere(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    endSessions(person, "");
  }

  private void endSessions(SignedInPerson person, String except) {
    sessions.findByPrincipalName(person.id().toString()).keySet().stream()
        .filter(session -> !session.equals(except))
        .forEach(sessions::deleteById);
  }

  /** Resolving the token makes the server set the cookie that the single-page app reads. */
  @Hidden
  @GetMapping("/api/csrf")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void csrf(CsrfToken token) {
    token.getToken();
  }
}
