package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.account.AccountLetter.Subject;
import org.evenlobe.server.passkey.Passkeys;
import org.evenlobe.server.passkey.Passkeys.Passkey;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A person's passkeys. Making one takes the password, as whatever lets somebody in does. */
@RestController
class PasskeyController {
  private final Passkeys passkeys;
  private final FreshPassword fresh;
  private final AccountMails mails;
  private final Addresses addresses;

  PasskeyController(
      Passkeys passkeys, FreshPassword fresh, AccountMails mails, Addresses addresses) {
    this.passkeys = passkeys;
    this.fresh = fresh;
    this.mails = mails;
    this.addresses = addresses;
  }

  /**
   * What a browser made from what {@code /api/me/passkeys/begun} answered.
   *
   * @param credential as the browser writes it as JSON
   */
  record PasskeyRequest(@NotNull Map<String, Object> credential) {}

  @GetMapping("/api/me/passkeys")
  List<Passkey> mine(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    return passkeys.of(person.id());
  }

  /** The options of the browser's own call that makes one; they hold for five minutes. */
  @PostMapping("/api/me/passkeys/begun")
  Map<String, Object> begin(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http,
      HttpServletResponse answer) {
    fresh.require(http);
    return passkeys.begin(person.id(), http, answer);
  }

  @PostMapping("/api/me/passkeys")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http,
      HttpServletResponse answer,
      @Valid @RequestBody PasskeyRequest request) {
    fresh.require(http);
    String device = DeviceWords.of(http.getHeader(HttpHeaders.USER_AGENT));
    passkeys.keep(device, request.credential(), http, answer);
    AuditLog.note(Event.PASSKEY_MADE);
    mails.begin(Subject.PASSKEY_MADE, person.id(), addresses.of(person.id()), device);
  }

  @DeleteMapping("/api/me/passkeys/{passkey}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeAway(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      @PathVariable String passkey) {
    passkeys.takeAway(person.id(), passkey);
    AuditLog.note(Event.PASSKEY_TAKEN_AWAY);
  }

  /** The options of the browser's own call that shows one, for {@code /api/passkey-sign-in}. */
  @PostMapping("/api/passkey-challenges")
  Map<String, Object> ask(HttpServletRequest http, HttpServletResponse answer) {
    return passkeys.ask(http, answer);
  }
}
