package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.SignedInPerson;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The address that somebody signs in with: another one, and that it is theirs. */
@RestController
class AddressController {
  private final Addresses addresses;
  private final FreshPassword password;

  AddressController(Addresses addresses, FreshPassword password) {
    this.addresses = addresses;
    this.password = password;
  }

  /**
   * An address.
   *
   * @param email the one that they want to sign in with
   */
  record AddressRequest(@NotBlank @Email @Size(max = 200) String email) {}

  /** Sends a link to it; it holds once that is opened. Another one than now takes the password. */
  @PostMapping("/api/me/address")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void ask(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http,
      @Valid @RequestBody AddressRequest request) {
    if (!addresses.of(person.id()).equalsIgnoreCase(request.email().strip())) {
      password.require(http);
    }
    addresses.ask(person.id(), request.email());
  }

  /** Says, by the link that a mail brought, that an address is one's own. */
  @PostMapping("/api/addresses/{token}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void confirm(@PathVariable String token) {
    addresses.confirm(token);
  }
}
