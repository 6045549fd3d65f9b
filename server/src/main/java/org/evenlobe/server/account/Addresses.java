package org.evenlobe.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.account.AccountLetter.Subject;
import org.evenlobe.server.mail.MailedSecrets;
import org.evenlobe.server.mail.MailedSecrets.Held;
import org.evenlobe.server.mail.MailedSecrets.Use;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The addresses that people sign in with: one holds once its owner has said so by a mail's link.
 */
@Service
class Addresses {
  private static final int LINKS_AN_HOUR = 5;

  private final JdbcClient jdbc;
  private final MailedSecrets secrets;
  private final AccountMails mails;
  private final RateLimits limits;
  private final Clock clock;

  Addresses(
      JdbcClient jdbc, MailedSecrets secrets, AccountMails mails, RateLimits limits, Clock clock) {
    this.jdbc = jdbc;
    this.secrets = secrets;
    this.mails = mails;
    this.limits = limits;
    this.clock = clock;
  }

  /** The one that a person signs in with. */
  String of(UUID person) {
    return jdbc.sql("select email from person where id = ?")
        .param(person)
        .query(String.class)
        .single();
  }

  /**
   * Sends the link to an address, which holds once the link is opened.
   *
   * @throws Refusal 429 if that was asked too often
   */
  @Transactional
  public void ask(UUID person, String email) {
    if (!limits.allows("address of " + person, LINKS_AN_HOUR, Duration.ofHours(1))) {
      throw Refusal.tooMany();
    }
    mails.begin(Subject.CONFIRM, person, email.strip(), null);
  }

  /**
   * The address that a link was sent to is its person's from now on.
   *
   * @throws Refusal 404 if the link does not hold
   * @throws InvalidFields if somebody else has that address
   */
  @Transactional
  public void confirm(String token) {
    Held held = secrets.use(Use.CONFIRM, token).orElseThrow(Refusal::notFound);
    String before = of(held.person());
    try {
      jdbc.sql("update person set email = ?, email_confirmed_at = ? where id = ?")
          .params(held.email(), OffsetDateTime.now(clock), held.person())
          .update();
    } catch (DuplicateKeyException e) {
      throw InvalidFields.of("email", "belongs to another account");
    }
    if (!before.equalsIgnoreCase(held.email())) {
      // what was sent to the old one lets nobody in any more
      secrets.end(Use.RESET, held.person());
      secrets.end(Use.CONFIRM, held.person());
      AuditLog.note(Event.ADDRESS_CHANGED, held.person(), null);
      mails.begin(Subject.EMAIL_CHANGED, held.person(), before, held.email());
    }
  }
}
