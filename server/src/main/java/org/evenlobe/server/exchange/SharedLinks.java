package org.evenlobe.server.exchange;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.record.Taker;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Memberships;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.access.Secrets;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Secret links by which somebody without an account reads one page of one dog until a day: a vet,
 * or whoever takes it for a while, who may say in a form what they did and saw. Only their hashes
 * are kept; they can be ended, and end with the membership of whoever made them.
 */
@Service
public class SharedLinks {
  private final JdbcClient jdbc;
  private final Memberships memberships;
  private final HouseholdDay day;

  SharedLinks(JdbcClient jdbc, Memberships memberships, HouseholdDay day) {
    this.jdbc = jdbc;
    this.memberships = memberships;
    this.day = day;
  }

  /**
   * A link.
   *
   * @param id its id
   * @param madeAt when it was made
   * @param lastDay the last day on which it works
   * @param stay for whoever takes the dog, who that is and when; empty for a vet
   */
  public record SharedLink(UUID id, Instant madeAt, LocalDate lastDay, Optional<StayOfDog> stay) {}

  /**
   * Who takes a dog, and when.
   *
   * @param taker who
   * @param from the first day
   * @param until the last one
   */
  public record StayOfDog(Taker taker, LocalDate from, LocalDate until) {
    static Optional<StayOfDog> of(ResultSet row) throws SQLException {
      String taker = row.getString("taker");
      return taker == null
          ? Optional.empty()
          : Optional.of(
              new StayOfDog(
                  Taker.valueOf(taker),
                  row.getObject("stay_from", LocalDate.class),
                  row.getObject("stay_until", LocalDate.class)));
    }
  }

  /**
   * What a link opens.
   *
   * @param reader as whom it reads
   * @param maker who made it, with what they may do now
   * @param dog which dog
   * @param asked what the person wants to know
   * @param lastDay the last day on which it works, in the household's zone
   * @param stay for whoever takes the dog, who that is and when; empty for a vet
   */
  public record Opened(
      Member reader,
      Member maker,
      UUID dog,
      Optional<String> asked,
      LocalDate lastDay,
      Optional<StayOfDog> stay) {
    private Opened madeBy(Role role) {
      return new Opened(
          reader, new Member(reader.household(), reader.person(), role), dog, asked, lastDay, stay);
    }
  }

  /**
   * A new link to a dog's page.
   *
   * @return what it ends with; it is shown this once
   */
  @Transactional
  public String make(
      UUID id, UUID dog, Optional<String> asked, LocalDate lastDay, Optional<StayOfDog> stay) {
    String secret = Secrets.fresh();
    Member member = CurrentMember.get();
    jdbc.sql(
            """
            insert into shared_link
              (household_id, id, token_hash, dog_id, asked, made_by, made_at, last_day,
               taker, stay_from, stay_until)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            member.household(),
            id,
            Secrets.hash(secret),
            dog,
            asked.orElse(null),
            member.person(),
            day.now().atOffset(ZoneOffset.UTC),
            lastDay,
            stay.map(one -> one.taker().name()).orElse(null),
            stay.map(StayOfDog::from).orElse(null),
            stay.map(StayOfDog::until).orElse(null))
        .update();
    return secret;
  }

  /** Those of a dog that still work, the latest first. */
  @Transactional(readOnly = true)
  public List<SharedLink> ofDog(UUID dog) {
    return jdbc.sql(
            """
            select id, made_at, last_day, taker, stay_from, stay_until from shared_link
            where household_id = ? and dog_id = ? and last_day >= ?
            order by made_at desc, id
            """)
        .params(CurrentMember.household(), dog, day.today())
        .query(
            (row, n) ->
                new SharedLink(
                    row.getObject(1, UUID.class),
                    row.getObject(2, OffsetDateTime.class).toInstant(),
                    row.getObject(3, LocalDate.class),
                    StayOfDog.of(row)))
        .list();
  }

  /** Ends one; one that has ended is fine too. */
  @Transactional
  public void end(UUID id) {
    jdbc.sql("delete from shared_link where household_id = ? and id = ?")
        .params(CurrentMember.household(), id)
        .update();
  }

  /** What a link opens, where there is one; whether its last day is over is for its household. */
  @Transactional(readOnly = true)
  public Optional<Opened> open(String secret) {
    return jdbc.sql(
            """
            select household_id, made_by, dog_id, asked, last_day, taker, stay_from, stay_until
            from shared_link where token_hash = ?
            """)
        .param(Secrets.hash(secret))
        .query((row, n) -> opened(row))
        .optional()
        .flatMap(
            one ->
                memberships.role(one.reader().household(), one.reader().person()).map(one::madeBy));
  }

  private static Opened opened(ResultSet row) throws SQLException {
    Member reader =
        new Member(row.getObject(1, UUID.class), row.getObject(2, UUID.class), Role.VIEWER);
    return new Opened(
        reader,
        reader,
        row.getObject(3, UUID.class),
        Optional.ofNullable(row.getString(4)),
        row.getObject(5, LocalDate.class),
        StayOfDog.of(row));
  }
}
