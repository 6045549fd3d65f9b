package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.evenlobe.server.access.SignedInPerson;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Registering, and who is signed in. */
@RestController
class AccountController {
  private final Accounts accounts;

  private final Newcomers newcomers;

  AccountController(Accounts accounts, Newcomers newcomers) {
    this.accounts = accounts;
    this.newcomers = newcomers;
  }

  /**
   * What somebody is called.
   *
   * @param name from now on
   */
  record NameRequest(@NotBlank @Size(max = 80) String name) {}

  @PostMapping("/api/people")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void register(@Valid @RequestBody RegistrationRequest request) {
    newcomers.register(request);
  }

  @GetMapping("/api/me")
  Accounts.Me me(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    return accounts.me(person.id());
  }

  @PutMapping("/api/me")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void rename(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      @Valid @RequestBody NameRequest request) {
    accounts.rename(person.id(), request.name());
  }

  /** Resolving the token makes the server set the cookie that the single-page app reads. */
  @Hidden
  @GetMapping("/api/csrf")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void csrf(CsrfToken token) {
    token.getToken();
  }
}
