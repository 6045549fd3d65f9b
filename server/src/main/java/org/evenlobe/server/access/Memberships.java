package org.evenlobe.server.access;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.DayOrder;
import org.evenlobe.core.measure.VolumeUnit;
import org.evenlobe.core.measure.WeightUnit;
import org.evenlobe.core.measure.Wording;
import org.jspecify.annotations.Nullable;
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

  /**
   * What a household is to a person.
   *
   * @param role what they may do there
   * @param wording how quantities are read there
   */
  record Belonging(Role role, Wording wording) {}

  /** That, if they belong to it today. */
  Optional<Belonging> belonging(UUID household, UUID person) {
    return jdbc.sql(
            """
            select household_id, role, ends_on, household_zone(household_id) as zone,
              household_wording(household_id) as wording
            from membership where household_id = ? and person_id = ?
            """)
        .params(household, person)
        .query((row, n) -> Map.entry(Held.of(row), wording(row.getString("wording"))))
        .optional()
        .filter(found -> lasts(found.getKey().endsOn(), found.getKey().zone()))
        .map(found -> new Belonging(found.getKey().role(), found.getValue()));
  }

  /** The person's role in a household, if they belong to it today. */
  public Optional<Role> role(UUID household, UUID person) {
    return belonging(household, person).map(Belonging::role);
  }

  private static Wording wording(String units) {
    String[] parts = units.split(" ", -1);
    return new Wording(
        VolumeUnit.valueOf(parts[0]), WeightUnit.valueOf(parts[1]), DayOrder.valueOf(parts[2]));
  }

  /** The households that a person belongs to today, and what they may do there. */
  public Map<UUID, Role> of(UUID person) {
    return jdbc
        .sql(
            """
            select household_id, role, ends_on, household_zone(household_id) as zone
            from membership where person_id = ?
            """)
        .param(person)
        .query((row, n) -> Held.of(row))
        .list()
        .stream()
        .filter(held -> lasts(held.endsOn(), held.zone()))
        .collect(Collectors.toMap(Held::household, Held::role));
  }

  /**
   * Whether a membership still holds. Its last day is the household's own: somewhere it is tomorrow
   * already.
   *
   * @param endsOn its last day, where it ends by itself
   * @param zone the zone that the household's days are counted in
   */
  public boolean lasts(@Nullable LocalDate endsOn, ZoneId zone) {
    return endsOn == null || !endsOn.isBefore(LocalDate.now(clock.withZone(zone)));
  }

  /** The zone that the current household's days are counted in. */
  ZoneId zone() {
    return jdbc.sql("select zone from settings where household_id = ?")
        .param(CurrentMember.household())
        .query((row, n) -> ZoneId.of(row.getString(1)))
        .single();
  }

  private record Held(UUID household, Role role, @Nullable LocalDate endsOn, ZoneId zone) {
    static Held of(ResultSet row) throws SQLException {
      return new Held(
          row.getObject("household_id", UUID.class),
          Role.valueOf(row.getString("role")),
          row.getObject("ends_on", LocalDate.class),
          ZoneId.of(row.getString("zone")));
    }
  }
}
