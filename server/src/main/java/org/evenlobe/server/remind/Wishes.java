package org.evenlobe.server.remind;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.remind.ReminderWishes;
import org.evenlobe.core.remind.ReminderWishes.Quiet;
import org.evenlobe.server.access.CurrentMember;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How the members of a household want to be reminded, and what was begun to be sent to them. */
@Component
class Wishes {
  private final JdbcClient jdbc;

  Wishes(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * Those of a member, and up to when has been looked for them.
   *
   * @param said how they want it
   * @param lookedUntil up to when has been looked
   */
  record Kept(ReminderWishes said, Instant lookedUntil) {}

  /** Those of a member; empty where nothing was said. */
  Optional<Kept> of(UUID person) {
    return jdbc.sql(
            """
            select by_mail, doses, daily_at, quiet_from, quiet_until, looked_until
            from reminder_wish where household_id = ? and person_id = ?
            """)
        .params(CurrentMember.household(), person)
        .query((row, n) -> kept(row))
        .optional();
  }

  private static Kept kept(ResultSet row) throws SQLException {
    LocalTime from = row.getObject(4, LocalTime.class);
    LocalTime until = row.getObject(5, LocalTime.class);
    return new Kept(
        new ReminderWishes(
            row.getBoolean(1),
            row.getBoolean(2),
            row.getObject(3, LocalTime.class),
            from == null ? Optional.empty() : Optional.of(new Quiet(from, until))),
        row.getTimestamp(6).toInstant());
  }

  /** Keeps them; from now on it is looked for what is due. */
  void keep(UUID person, ReminderWishes said, Instant now) {
    jdbc.sql(
            """
            insert into reminder_wish
              (household_id, person_id, by_mail, doses, daily_at, quiet_from, quiet_until,
               looked_until)
            values (:household, :person, :mail, :doses, :daily, :from, :until, :now)
            on conflict (household_id, person_id) do update set
              by_mail = excluded.by_mail, doses = excluded.doses, daily_at = excluded.daily_at,
              quiet_from = excluded.quiet_from, quiet_until = excluded.quiet_until,
              looked_until = excluded.looked_until
            """)
        .param("household", CurrentMember.household())
        .param("person", person)
        .param("mail", said.byMail())
        .param("doses", said.doses())
        .param("daily", said.dailyAt())
        .param("from", said.quiet().map(Quiet::from).orElse(null), java.sql.Types.TIME)
        .param("until", said.quiet().map(Quiet::until).orElse(null), java.sql.Types.TIME)
        .param("now", Timestamp.from(now))
        .update();
  }

  /** It has been looked up to an instant. */
  void looked(UUID person, Instant until) {
    jdbc.sql("update reminder_wish set looked_until = ? where household_id = ? and person_id = ?")
        .params(Timestamp.from(until), CurrentMember.household(), person)
        .update();
  }

  /** Notes that a reminder is begun to be sent; no where that was done before. */
  boolean begin(UUID person, String key, Instant now) {
    return jdbc.sql(
                """
                insert into reminder_begun (household_id, person_id, key, begun_at)
                values (?, ?, ?, ?) on conflict do nothing
                """)
            .params(CurrentMember.household(), person, key, Timestamp.from(now))
            .update()
        == 1;
  }

  /** What was begun before an instant need not be known any more. */
  void forget(UUID person, Instant before) {
    jdbc.sql("delete from reminder_begun where household_id = ? and person_id = ? and begun_at < ?")
        .params(CurrentMember.household(), person, Timestamp.from(before))
        .update();
  }

  /** Whether they have shown that their address is theirs. */
  boolean isConfirmed(UUID person) {
    return jdbc.sql("select email_confirmed_at is not null from person where id = ?")
        .param(person)
        .query(Boolean.class)
        .single();
  }

  /** Ends a person's mails in the household that is said. */
  @Transactional
  public void stop(UUID household, UUID person) {
    jdbc.sql("update reminder_wish set by_mail = false where household_id = ? and person_id = ?")
        .params(household, person)
        .update();
  }

  /** Their address. */
  String address(UUID person) {
    return jdbc.sql("select email from person where id = ?")
        .param(person)
        .query(String.class)
        .single();
  }
}
