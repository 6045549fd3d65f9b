package org.evenlobe.server.exchange;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Memberships;
import org.evenlobe.server.access.Secrets;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The secret link by which a calendar reads a household's plan, one a household. Only its hash is
 * kept; it ends with the membership of whoever made it.
 */
@Service
class CalendarLinks {
  private final JdbcClient jdbc;
  private final Memberships memberships;
  private final HouseholdDay day;

  CalendarLinks(JdbcClient jdbc, Memberships memberships, HouseholdDay day) {
    this.jdbc = jdbc;
    this.memberships = memberships;
    this.day = day;
  }

  /**
   * A new link; the one before no longer works.
   *
   * @return what the link ends with; it is shown this once
   */
  @Transactional
  public String renew() {
    String token = Secrets.fresh();
    Member member = CurrentMember.get();
    end();
    jdbc.sql(
            "insert into calendar_link (token_hash, household_id, made_by, made_at) values (?, ?, ?, ?)")
        .params(
            Secrets.hash(token),
            member.household(),
            member.person(),
            OffsetDateTime.parse(day.now().toString()))
        .update();
    return token;
  }

  /** Ends the link. */
  @Transactional
  public void end() {
    jdbc.sql("delete from calendar_link where household_id = ?")
        .param(CurrentMember.household())
        .update();
  }

  /** When the present link was made, where there is one. */
  @Transactional(readOnly = true)
  public Optional<Instant> madeAt() {
    return jdbc.sql("select made_at from calendar_link where household_id = ?")
        .param(CurrentMember.household())
        .query(OffsetDateTime.class)
        .optional()
        .map(OffsetDateTime::toInstant);
  }

  /** For whom a link reads, where it is one. */
  @Transactional(readOnly = true)
  public Optional<Member> reader(String token) {
    return jdbc.sql("select household_id, made_by from calendar_link where token_hash = ?")
        .param(Secrets.hash(token))
        .query((row, n) -> new Link(row.getObject(1, UUID.class), row.getObject(2, UUID.class)))
        .optional()
        .flatMap(
            link ->
                memberships
                    .role(link.household(), link.madeBy())
                    .map(role -> new Member(link.household(), link.madeBy(), role)));
  }

  private record Link(UUID household, UUID madeBy) {}
}
