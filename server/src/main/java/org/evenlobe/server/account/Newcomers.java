package org.evenlobe.server.account;

import java.util.Objects;
import java.util.UUID;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** How somebody new comes in: with a household of their own, or by the invitation to another. */
@Service
class Newcomers {
  private final Accounts accounts;
  private final Members members;
  private final PasswordRules rules;
  private final Registration registration;
  private final TransactionOperations transactions;

  Newcomers(
      Accounts accounts,
      Members members,
      PasswordRules rules,
      Registration registration,
      PlatformTransactionManager transactions) {
    this.accounts = accounts;
    this.members = members;
    this.rules = rules;
    this.registration = registration;
    this.transactions = new TransactionTemplate(transactions);
  }

  /**
   * Makes an account, and all that belongs to it, or nothing.
   *
   * @throws Refusal 403 if one is made here by invitation only, 404 if an invitation does not hold
   * @throws InvalidFields if a field is wrong
   */
  void register(RegistrationRequest request) {
    rules.require("password", request.password(), request.email());
    boolean invited = request.invitation() != null;
    if (!invited && (request.household() == null || request.household().isBlank())) {
      throw InvalidFields.of("household", "must not be blank");
    }
    Member newcomer = new Member(UUID.randomUUID(), UUID.randomUUID(), Role.OWNER);
    CurrentMember.run(
        newcomer, () -> transactions.executeWithoutResult(begun -> add(newcomer, request)));
    AuditLog.note(Event.REGISTERED, newcomer.person(), null);
  }

  private void add(Member newcomer, RegistrationRequest request) {
    if (request.invitation() != null) {
      // asked first: who has no invitation learns nothing of whose address is known
      members.offer(request.invitation());
    } else if (registration.whoInTurn() == Registration.Who.INVITED) {
      throw Refusal.forbidden(
          "Accounts are made here by invitation: ask somebody who has one for a link.");
    }
    accounts.add(request.name(), request.email(), request.password());
    if (request.invitation() != null) {
      members.accept(request.invitation(), newcomer.person());
    } else {
      String region = request.region();
      accounts.found(
          Objects.requireNonNull(request.household()),
          request.zone(),
          region == null ? Wording.METRIC : Wording.in(region));
    }
  }
}
