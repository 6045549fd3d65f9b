package org.evenlobe.server.access;

import java.sql.Date;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** Who belongs to which household, looked up before a household is known. */
@Service
public class Memberships {
  private final JdbcClient jdbc;
  private final Clock clock;

  Memberships(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** The person's role in a household, if they belong to it today. */
  public Optional<Role> role(UUID household, UUID person) {
    return jdbc.sql(
            """
            select role from membership
            where household_id = ? and person_id = ? and (ends_on is null or ends_on >= ?)
            """)
        .params(household, person, Date.valueOf(LocalDate.now(clock.withZone(ZoneOffset.UTC))))
        .query((row, n) -> Role.valueOf(row.getString(1)))
        .optional();
  }

  /** The zone that the current household's days are counted in. */
  ZoneId zone() {
    return jdbc.sql("select zone from settings where household_id = ?")
        .param(CurrentMember.household())
        .query((row, n) -> ZoneId.of(row.getString(1)))
        .single();
  }
}
