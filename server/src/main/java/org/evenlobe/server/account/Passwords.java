package org.evenlobe.server.account;

import java.time.Duration;
import java.util.Locale;
import java.util.UUID;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.account.AccountLetter.Subject;
import org.evenlobe.server.mail.MailedSecrets;
import org.evenlobe.server.mail.MailedSecrets.Held;
import org.evenlobe.server.mail.MailedSecrets.Use;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People's passwords: asked, changed, and set anew by a mail's link. */
@Service
class Passwords {
  /** So many links an hour to one address; of more, nothing is said. */
  private static final int LINKS_AN_HOUR = 3;

  private final JdbcClient jdbc;
  private final PasswordEncoder encoder;
  private final PasswordRules rules;
  private final MailedSecrets secrets;
  private final AccountMails mails;
  private final RateLimits limits;

  Passwords(
      JdbcClient jdbc,
      PasswordEncoder encoder,
      PasswordRules rules,
      MailedSecrets secrets,
      AccountMails mails,
      RateLimits limits) {
    this.jdbc = jdbc;
    this.encoder = encoder;
    this.rules = rules;
    this.secrets = secrets;
    this.mails = mails;
    this.limits = limits;
  }

  private record Kept(String email, String hash) {}

  private Kept kept(UUID person) {
    return jdbc.sql("select email, password_hash from person where id = ?")
        .param(person)
        .query((row, n) -> new Kept(row.getString(1), row.getString(2)))
        .single();
  }

  /**
   * Goes on where the password is the person's.
   *
   * @throws InvalidFields if it is not
   */
  void require(UUID person, String present) {
    if (!encoder.matches(present, kept(person).hash())) {
      throw InvalidFields.of("present", "is not your password");
    }
  }

  /**
   * Changes a person's password.
   *
   * @throws InvalidFields if the present one is wrong, or the next one may not be one
   */
  @Transactional
  public void change(UUID person, String present, String next) {
    require(person, present);
    set(person, next);
  }

  /** Begins a mail with a link, where that is not done all the time. */
  @Transactional
  public void forgotten(String email) {
    String plain = email.strip().toLowerCase(Locale.ROOT);
    if (limits.allows("forgotten " + plain, LINKS_AN_HOUR, Duration.ofHours(1))) {
      mails.begin(Subject.RESET, null, plain, null);
    }
  }

  /**
   * Sets the password that a link allows; the link does not hold any more then.
   *
   * @return whose it is
   * @throws Refusal 404 if the link does not hold
   * @throws InvalidFields if it may not be one; the link is not used up
   */
  @Transactional
  public UUID renew(String token, String next) {
    Held held = secrets.use(Use.RESET, token).orElseThrow(Refusal::notFound);
    // they read what was sent there: it is theirs
    int there =
        jdbc.sql(
                """
                update person set email_confirmed_at = coalesce(email_confirmed_at, now())
                where id = ? and lower(email) = lower(?)
                """)
            .params(held.person(), held.email())
            .update();
    if (there == 0) {
      throw Refusal.notFound();
    }
    set(held.person(), next);
    return held.person();
  }

  private void set(UUID person, String next) {
    String email = kept(person).email();
    rules.require("next", next, email);
    jdbc.sql("update person set password_hash = ? where id = ?")
        .params(encoder.encode(next), person)
        .update();
    secrets.end(Use.RESET, person);
    mails.begin(Subject.PASSWORD_CHANGED, person, email, null);
  }
}
