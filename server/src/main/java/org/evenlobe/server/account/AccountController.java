package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Registering, and who is signed in. */
@RestController
class AccountController {
  private final Accounts accounts;

  AccountController(Accounts accounts) {
    this.accounts = accounts;
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
  Accounts.Me me(@AuthenticationPrincipal SignedInPerson person) {
    return accounts.me(person.id());
  }

  /** Resolving the token makes the server set the cookie that the single-page app reads. */
  @Hidden
  @GetMapping("/api/csrf")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void csrf(CsrfToken token) {
    token.getToken();
  }
}
