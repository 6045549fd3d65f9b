package org.evenlobe.server.mail;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.evenlobe.server.access.Secrets;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * The secret links that stand in mails. One is made when its mail is sent, so that it lies in no
 * queue; only its hash is kept; it holds for a while and for one use.
 */
@Component
public class MailedSecrets {
  private final JdbcClient jdbc;
  private final Clock clock;

  MailedSecrets(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** What a link does. */
  public enum Use {
    /** Sets a new password. */
    RESET(Duration.ofHours(1)),
    /** Confirms an address. */
    CONFIRM(Duration.ofDays(3)),
    /** Ends the reminders of a person in a household. */
    STOP(Duration.ofDays(90));

    private final Duration holds;

    Use(Duration holds) {
      this.holds = holds;
    }
  }

  /**
   * What a link was made for.
   *
   * @param person whose it is
   * @param household of which household, where it is of one
   * @param email the address that it was sent to
   */
  public record Held(UUID person, @Nullable UUID household, String email) {}

  /** Makes one; what is returned is known to nobody else. */
  public String make(Use use, Held held) {
    String secret = Secrets.fresh();
    jdbc.sql(
            """
            insert into mailed_secret
              (token_hash, does, person_id, household_id, email, made_at, holds_until)
            values (:hash, :use, :person, :household, :email, :now, :until)
            """)
        .param("hash", Secrets.hash(secret))
        .param("use", use.name())
        .param("person", held.person())
        .param("household", held.household(), Types.OTHER)
        .param("email", held.email())
        .param("now", Timestamp.from(clock.instant()))
        .param("until", Timestamp.from(clock.instant().plus(use.holds)))
        .update();
    return secret;
  }

  /** Uses it up; empty where it does not hold, or was used before. */
  public Optional<Held> use(Use use, String secret) {
    return jdbc.sql(
            """
            update mailed_secret set used_at = :now
            where token_hash = :hash and does = :use and used_at is null and holds_until > :now
            returning person_id, household_id, email
            """)
        .param("now", Timestamp.from(clock.instant()))
        .param("hash", Secrets.hash(secret))
        .param("use", use.name())
        .query((row, n) -> held(row))
        .optional();
  }

  /** What it was made for, without using it up. */
  public Optional<Held> look(Use use, String secret) {
    return jdbc.sql(
            """
            select person_id, household_id, email from mailed_secret
            where token_hash = :hash and does = :use and used_at is null and holds_until > :now
            """)
        .param("now", Timestamp.from(clock.instant()))
        .param("hash", Secrets.hash(secret))
        .param("use", use.name())
        .query((row, n) -> held(row))
        .optional();
  }

  private static Held held(ResultSet row) throws SQLException {
    return new Held(row.getObject(1, UUID.class), row.getObject(2, UUID.class), row.getString(3));
  }

  /** From now on none of a person's holds that does this. */
  public void end(Use use, UUID person) {
    jdbc.sql("delete from mailed_secret where person_id = ? and does = ?")
        .params(person, use.name())
        .update();
  }

  /** Those that hold no more need not be known. */
  @Scheduled(fixedDelay = 6, timeUnit = TimeUnit.HOURS)
  void forget() {
    jdbc.sql("delete from mailed_secret where holds_until < ?")
        .param(Timestamp.from(clock.instant()))
        .update();
  }
}
