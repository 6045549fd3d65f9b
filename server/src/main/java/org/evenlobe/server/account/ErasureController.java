package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.account.Erasures.AccountThen;
import org.evenlobe.server.account.Erasures.Erasure;
import org.evenlobe.server.account.Erasures.Goes;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Erasing an account, a dog, a household: what would go, asking for it, taking it back. */
@RestController
class ErasureController {
  private final Erasures erasures;
  private final Addresses addresses;
  private final FreshPassword password;

  ErasureController(Erasures erasures, Addresses addresses, FreshPassword password) {
    this.erasures = erasures;
    this.addresses = addresses;
    this.password = password;
  }

  /**
   * What is to be erased.
   *
   * @param dog which dog; left out for the whole household
   */
  record ErasureRequest(@Nullable UUID dog) {}

  @GetMapping("/api/households/{household}/erasures")
  List<Erasure> all(@PathVariable UUID household) {
    return erasures.all();
  }

  /** What would go with a dog, or with the whole household where none is named. */
  @Needs(Role.OWNER)
  @GetMapping("/api/households/{household}/previews/erasures")
  Goes goes(@PathVariable UUID household, @RequestParam(required = false) @Nullable UUID dog) {
    return erasures.goes(dog);
  }

  @Needs(Role.OWNER)
  @PostMapping("/api/households/{household}/erasures")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void ask(
      @PathVariable UUID household, HttpServletRequest http, @RequestBody ErasureRequest request) {
    password.require(http);
    erasures.ask(request.dog());
    AuditLog.note(Event.ERASURE_ASKED, CurrentMember.get().person(), request.dog());
  }

  @Needs(Role.OWNER)
  @DeleteMapping("/api/households/{household}/erasures/{erasure}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable UUID household, @PathVariable UUID erasure) {
    erasures.takeBack(erasure);
    AuditLog.note(Event.ERASURE_TAKEN_BACK, CurrentMember.get().person(), erasure);
  }

  @GetMapping("/api/me/erasure")
  AccountThen account(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    return erasures.account(person.id());
  }

  @PostMapping("/api/me/erasure")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void askAccount(
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person,
      HttpServletRequest http) {
    password.require(http);
    erasures.askAccount(person.id(), addresses.of(person.id()));
    AuditLog.note(Event.ERASURE_ASKED);
  }

  @DeleteMapping("/api/me/erasure")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBackAccount(@Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    erasures.takeBackAccount(person.id());
    AuditLog.note(Event.ERASURE_TAKEN_BACK);
  }
}
