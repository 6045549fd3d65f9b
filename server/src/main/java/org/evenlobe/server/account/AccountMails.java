package org.evenlobe.server.account;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.account.AccountLetter.Subject;
import org.evenlobe.server.mail.Links;
import org.evenlobe.server.mail.Mail;
import org.evenlobe.server.mail.Mail.About;
import org.evenlobe.server.mail.MailService;
import org.evenlobe.server.mail.MailedSecrets;
import org.evenlobe.server.mail.MailedSecrets.Held;
import org.evenlobe.server.mail.MailedSecrets.Use;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Mails about accounts. They are begun as jobs, and written when they are sent: so a request costs
 * the same whether an address is known or not, and no queue holds a link that lets somebody in.
 */
@Component
class AccountMails {
  private static final String NOT_YOU =
      "If that was not you, set a new password with \"I forgot it\" on the sign-in page: it ends all"
          + " sessions.\n";

  private final SchedulerClient jobs;
  private final MailService mails;
  private final MailedSecrets secrets;
  private final Links links;
  private final JdbcClient jdbc;
  private final Clock clock;

  AccountMails(
      SchedulerClient jobs,
      MailService mails,
      MailedSecrets secrets,
      Links links,
      JdbcClient jdbc,
      Clock clock) {
    this.jobs = jobs;
    this.mails = mails;
    this.secrets = secrets;
    this.links = links;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** A mail is on its way once the present transaction has ended. */
  void begin(Subject subject, @Nullable UUID person, String email, @Nullable String detail) {
    jobs.scheduleIfNotExists(
        AccountMailJob.LETTER
            .instance(UUID.randomUUID().toString())
            .data(new AccountLetter(subject, person, email, detail))
            .scheduledTo(clock.instant()));
  }

  /** Writes and sends it; none where nobody has that address. */
  void send(AccountLetter letter) {
    Optional<UUID> person = Optional.ofNullable(letter.person()).or(() -> owner(letter.email()));
    person.ifPresent(
        one ->
            CurrentMember.run(
                new Member(UUID.randomUUID(), one, Role.VIEWER),
                () -> mails.send(written(letter, one))));
  }

  private Optional<UUID> owner(String email) {
    return jdbc.sql("select id from person where lower(email) = lower(?)")
        .param(email)
        .query(UUID.class)
        .optional();
  }

  private Mail written(AccountLetter letter, UUID person) {
    String what = letter.detail() == null ? "" : letter.detail();
    return switch (letter.subject()) {
      case RESET ->
          mail(
              letter,
              person,
              About.SECRET,
              "A new password for Even Lobe",
              "Somebody asked for a new password for this address. Set it here, within an hour:\n\n"
                  + links.to("/new-password/" + secret(Use.RESET, letter, person))
                  + "\n\nIf it was not you, leave this mail alone: nothing has changed.\n");
      case CONFIRM ->
          mail(
              letter,
              person,
              About.ACCOUNT,
              "Is this your address?",
              "Somebody gave this address for their account at Even Lobe. If it was you, say so here,"
                  + " within three days:\n\n"
                  + links.to("/confirm/" + secret(Use.CONFIRM, letter, person))
                  + "\n\nIf it was not you, leave this mail alone: no more will come.\n");
      case PASSWORD_CHANGED ->
          mail(
              letter,
              person,
              About.ACCOUNT,
              "Your password at Even Lobe was changed",
              "All other sessions have ended. " + NOT_YOU);
      case EMAIL_CHANGED ->
          mail(
              letter,
              person,
              About.ACCOUNT,
              "Your address at Even Lobe was changed",
              "From now on you sign in with " + what + ". " + NOT_YOU);
      case NEW_DEVICE ->
          mail(
              letter,
              person,
              About.ACCOUNT,
              "Somebody signed in to Even Lobe on another device",
              what + ". If that was you, all is well. " + NOT_YOU);
      case PASSKEY_MADE ->
          mail(
              letter,
              person,
              About.ACCOUNT,
              "A passkey opens your account at Even Lobe",
              "It was made on "
                  + what
                  + ". If that was you, all is well. If not: take it away on the page Household,"
                  + " under You, and set another password.\n");
      case TO_BE_ERASED ->
          mail(letter, person, About.ACCOUNT, "What will be erased at Even Lobe", what + "\n");
    };
  }

  private String secret(Use use, AccountLetter letter, UUID person) {
    return secrets.make(use, new Held(person, null, letter.email()));
  }

  private static Mail mail(
      AccountLetter letter, UUID person, About about, String subject, String body) {
    return new Mail(person, letter.email(), subject, body, about, null);
  }
}
