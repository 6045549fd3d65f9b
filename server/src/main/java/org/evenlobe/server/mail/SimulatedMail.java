package org.evenlobe.server.mail;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Stands in for a mail service: an outbox that can be read in the app. */
@Component
@ConditionalOnProperty(name = "evenlobe.mail.service", havingValue = "simulated")
public class SimulatedMail implements MailService {
  private static final int MOST = 50;
  private static final Duration KEPT_FOR = Duration.ofDays(60);

  private final JdbcClient jdbc;
  private final HouseholdDay day;
  private final Duration takes;

  SimulatedMail(
      JdbcClient jdbc, HouseholdDay day, @Value("${evenlobe.mail.takes}") Duration takes) {
    this.jdbc = jdbc;
    this.day = day;
    this.takes = takes;
  }

  @Override
  @Transactional
  public void send(Mail mail) {
    LockSupport.parkNanos(takes.toNanos());
    if (mail.isReminder()) {
      keepInHousehold(mail);
    } else {
      keepOfAccount(mail);
    }
  }

  private void keepInHousehold(Mail mail) {
    jdbc.sql("delete from simulated_mail where household_id = ? and person_id = ? and sent_at < ?")
        .params(CurrentMember.household(), mail.person(), longAgo())
        .update();
    jdbc.sql(
            """
            insert into simulated_mail
              (household_id, id, person_id, recipient, subject, body, sent_at)
            values (?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            CurrentMember.household(),
            UUID.randomUUID(),
            mail.person(),
            mail.recipient(),
            mail.subject(),
            mail.body(),
            Timestamp.from(day.now()))
        .update();
  }

  private void keepOfAccount(Mail mail) {
    jdbc.sql("delete from simulated_account_mail where person_id = ? and sent_at < ?")
        .params(mail.person(), longAgo())
        .update();
    jdbc.sql(
            """
            insert into simulated_account_mail
              (person_id, id, recipient, subject, body, secret, sent_at)
            values (?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            mail.person(),
            UUID.randomUUID(),
            mail.recipient(),
            mail.subject(),
            mail.body(),
            mail.isSecret(),
            Timestamp.from(day.now()))
        .update();
  }

  private Timestamp longAgo() {
    return Timestamp.from(day.now().minus(KEPT_FOR));
  }

  /**
   * A mail that was sent.
   *
   * @param sentAt when
   * @param recipient to which address
   * @param subject what it is about
   * @param body what it says
   */
  public record SentMail(Instant sentAt, String recipient, String subject, String body) {}

  /**
   * The latest to one person, the latest first; without those that let their reader in, which would
   * let in whoever sits at a screen that was left.
   */
  public List<SentMail> outbox(UUID person, int most) {
    return jdbc.sql(
            """
            select sent_at, recipient, subject, body from simulated_mail
            where household_id = :household and person_id = :person
            union all
            select sent_at, recipient, subject, body from simulated_account_mail
            where person_id = :person and not secret
            order by sent_at desc, subject limit :most
            """)
        .param("household", CurrentMember.household())
        .param("person", person)
        .param("most", Math.min(most, MOST))
        .query(
            (row, n) ->
                new SentMail(
                    row.getTimestamp(1).toInstant(),
                    row.getString(2),
                    row.getString(3),
                    row.getString(4)))
        .list();
  }
}
