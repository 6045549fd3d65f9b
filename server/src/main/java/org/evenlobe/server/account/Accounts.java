package org.evenlobe.server.account;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Memberships;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.fact.FactKeeping;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People, and the households that they belong to. */
@Service
public class Accounts implements UserDetailsService {
  private final JdbcClient jdbc;
  private final PasswordEncoder passwords;
  private final HouseholdSettings settings;
  private final FactKeeping facts;
  private final Memberships memberships;
  private final Erasures erasures;
  private final Clock clock;

  Accounts(
      JdbcClient jdbc,
      PasswordEncoder passwords,
      HouseholdSettings settings,
      FactKeeping facts,
      Memberships memberships,
      Erasures erasures,
      Clock clock) {
    this.jdbc = jdbc;
    this.passwords = passwords;
    this.settings = settings;
    this.facts = facts;
    this.memberships = memberships;
    this.erasures = erasures;
    this.clock = clock;
  }

  /**
   * A person with the households they belong to.
   *
   * @param id the person's id
   * @param name what they are called
   * @param email what they sign in with
   * @param emailConfirmed whether they have shown that it is theirs
   * @param erasedAt when their account is erased, where they asked for that
   * @param households theirs, by name
   */
  public record Me(
      UUID id,
      String name,
      String email,
      boolean emailConfirmed,
      Optional<Instant> erasedAt,
      List<HouseholdOfMine> households) {}

  /**
   * A household that a person belongs to.
   *
   * @param id its id
   * @param version of its settings, for corrections
   * @param settings how it likes things
   * @param role what the person may do there
   * @param erasedAt when it is erased, where an owner asked for that
   */
  public record HouseholdOfMine(
      UUID id, int version, SettingsRequest settings, Role role, Optional<Instant> erasedAt) {}

  @Override
  public UserDetails loadUserByUsername(String email) {
    if (email.indexOf('\0') >= 0) {
      // no database looks for such a text
      throw new UsernameNotFoundException("no such person");
    }
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

  /** The person with their households. */
  @Transactional(readOnly = true)
  public Me me(UUID person) {
    jdbc.sql("select set_config('evenlobe.person', ?, true)")
        .param(person.toString())
        .query(String.class)
        .single();
    Map<UUID, Role> roles = memberships.of(person);
    Map<UUID, Instant> erased = erasures.dueHouseholds(person);
    Optional<Instant> mine = erasures.due(person);
    List<HouseholdOfMine> households =
        settings.of(roles.keySet()).stream()
            .map(
                how ->
                    new HouseholdOfMine(
                        how.id(),
                        how.version(),
                        how.said(),
                        roles.get(how.id()),
                        Optional.ofNullable(erased.get(how.id()))))
            .toList();
    return jdbc.sql("select name, email, email_confirmed_at is not null from person where id = ?")
        .param(person)
        .query(
            (row, n) ->
                new Me(
                    person,
                    row.getString(1),
                    row.getString(2),
                    row.getBoolean(3),
                    mine,
                    households))
        .single();
  }

  /** Adds the current member as a person with an empty, metric household that they own. */
  @Transactional
  public void register(String name, String email, String password, String household, ZoneId zone) {
    add(name, email, password);
    found(household, zone, Wording.METRIC);
  }

  /**
   * Adds the current member as a person without a household.
   *
   * @throws InvalidFields if somebody has that address
   */
  void add(String name, String email, String password) {
    try {
      jdbc.sql(
              "insert into person (id, email, name, password_hash, created_at) values (?, ?, ?, ?, ?)")
          .params(
              CurrentMember.get().person(),
              email.strip(),
              name.strip(),
              passwords.encode(password),
              now())
          .update();
    } catch (DuplicateKeyException e) {
      throw InvalidFields.of("email", "has an account already: sign in instead");
    }
  }

  /**
   * Adds an empty household that the current member owns.
   *
   * @param read how quantities are read where it lives
   */
  @Transactional
  public void found(String name, ZoneId zone, Wording read) {
    Member owner = CurrentMember.get();
    jdbc.sql("insert into household (id, created_at) values (?, ?)")
        .params(owner.household(), now())
        .update();
    jdbc.sql("insert into membership (household_id, person_id, role, since) values (?, ?, ?, ?)")
        .params(owner.household(), owner.person(), owner.role().name(), now())
        .update();
    facts.put(owner.household(), Precondition.isNew(), SettingsRequest.initial(name, zone, read));
  }

  /** From now on they are called so. */
  void rename(UUID person, String name) {
    jdbc.sql("update person set name = ? where id = ?").params(name.strip(), person).update();
  }

  /** Their address is known to be theirs. */
  @Transactional
  public void confirmAddress(UUID person) {
    jdbc.sql("update person set email_confirmed_at = ? where id = ?")
        .params(now(), person)
        .update();
  }

  private OffsetDateTime now() {
    return OffsetDateTime.now(clock);
  }
}
