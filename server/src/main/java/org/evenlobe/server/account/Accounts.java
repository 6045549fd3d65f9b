package org.evenlobe.server.account;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People, the households they belong to, and what they may do there. */
@Service
public class Accounts implements UserDetailsService {
  private final JdbcClient jdbc;
  private final PasswordEncoder passwords;
  private final Clock clock;

  Accounts(JdbcClient jdbc, PasswordEncoder passwords, Clock clock) {
    this.jdbc = jdbc;
    this.passwords = passwords;
    this.clock = clock;
  }

  /**
   * A person with the households they belong to.
   *
   * @param id the person's id
   * @param name what they are called
   * @param email what they sign in with
   * @param households theirs, by name
   */
  public record Me(UUID id, String name, String email, List<HouseholdOfMine> households) {}

  /**
   * A household that a person belongs to.
   *
   * @param id its id
   * @param name what it is called
   * @param zone the time zone that its days are counted in
   * @param role what the person may do there
   */
  public record HouseholdOfMine(UUID id, String name, ZoneId zone, Role role) {}

  @Override
  public UserDetails loadUserByUsername(String email) {
    return jdbc.sql("select id, password_hash from person where lower(email) = ?")
        .param(email.strip().toLowerCase(Locale.ROOT))
        .query((row, n) -> new SignedInPerson(row.getObject(1, UUID.class), row.getString(2)))
        .optional()
        .orElseThrow(() -> new UsernameNotFoundException("no such person"));
  }

  /** Whether somebody signs in with that address. */
  public boolean exists(String email) {
    return jdbc.sql("select exists (select from person where lower(email) = ?)")
        .param(email.toLowerCase(Locale.ROOT))
        .query(Boolean.class)
        .single();
  }

  /** The member's role in a household, if they belong to it. */
  Optional<Role> role(UUID household, UUID person) {
    return jdbc.sql("select role from membership where household_id = ? and person_id = ?")
        .params(household, person)
        .query((row, n) -> Role.valueOf(row.getString(1)))
        .optional();
  }

  /** The person with their households. */
  @Transactional(readOnly = true)
  public Me me(UUID person) {
    jdbc.sql("select set_config('evenlobe.person', ?, true)")
        .param(person.toString())
        .query(String.class)
        .single();
    List<HouseholdOfMine> households =
        jdbc.sql(
                """
                select household.id, household.name, zone, role
                from membership join household on household.id = household_id
                where person_id = ? order by household.name, household.id
                """)
            .param(person)
            .query(
                (row, n) ->
                    new HouseholdOfMine(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        ZoneId.of(row.getString(3)),
                        Role.valueOf(row.getString(4))))
            .list();
    return jdbc.sql("select name, email from person where id = ?")
        .param(person)
        .query((row, n) -> new Me(person, row.getString(1), row.getString(2), households))
        .single();
  }

  /** The zone that the current household's days are counted in. */
  @Transactional(readOnly = true)
  public ZoneId zone() {
    return jdbc.sql("select zone from household where id = ?")
        .param(CurrentMember.household())
        .query((row, n) -> ZoneId.of(row.getString(1)))
        .single();
  }

  /** Adds the current member as a person with an empty household that they own. */
  @Transactional
  public void register(String name, String email, String password, String household, ZoneId zone) {
    Member owner = CurrentMember.get();
    try {
      jdbc.sql("insert into person values (?, ?, ?, ?, ?)")
          .params(owner.person(), email.strip(), name.strip(), passwords.encode(password), now())
          .update();
    } catch (DuplicateKeyException e) {
      throw InvalidFields.of("email", "has an account already: sign in instead");
    }
    jdbc.sql("insert into household (id, name, zone, created_at) values (?, ?, ?, ?)")
        .params(owner.household(), household.strip(), zone.getId(), now())
        .update();
    jdbc.sql("insert into membership (household_id, person_id, role) values (?, ?, ?)")
        .params(owner.household(), owner.person(), owner.role().name())
        .update();
  }

  private OffsetDateTime now() {
    return OffsetDateTime.now(clock);
  }
}
