package org.evenlobe.server.account;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.account.AccountLetter.Subject;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a person asks to be erased: an account, a dog, a household. It is done 30 days later by a
 * function of the database's, which looks at its own clock; until then it can be taken back.
 */
@Service
class Erasures {
  static final Duration TO_TAKE_BACK = Duration.ofDays(30);

  private final JdbcClient jdbc;
  private final AccountMails mails;

  Erasures(JdbcClient jdbc, AccountMails mails) {
    this.jdbc = jdbc;
    this.mails = mails;
  }

  /**
   * What is going to be erased.
   *
   * @param id its id
   * @param dog which dog; left out where it is the whole household
   * @param name what the dog or the household is called
   * @param askedBy who asked for it
   * @param at when it is done
   */
  record Erasure(UUID id, Optional<UUID> dog, String name, String askedBy, Instant at) {}

  /**
   * What would go.
   *
   * @param dogs so many dogs
   * @param records so many records, with all that was ever corrected in them
   * @param photos so many photographs
   * @param documents so many papers from the vet
   * @param people how many share the household
   */
  record Goes(int dogs, int records, int photos, int documents, int people) {}

  /** What is going to be erased in the current household. */
  @Transactional(readOnly = true)
  public List<Erasure> all() {
    return jdbc.sql(
            """
            select erasure.id, dog_id, coalesce(dog.name, settings.name), person.name, asked_at
            from erasure
            join person on person.id = asked_by
            join settings on settings.household_id = erasure.household_id
            left join dog on dog.household_id = erasure.household_id and dog.id = dog_id
            where erasure.household_id = ? order by asked_at, erasure.id
            """)
        .param(CurrentMember.household())
        .query(
            (row, n) ->
                new Erasure(
                    row.getObject(1, UUID.class),
                    Optional.ofNullable(row.getObject(2, UUID.class)),
                    row.getString(3),
                    row.getString(4),
                    at(row.getTimestamp(5))))
        .list();
  }

  private static Instant at(Timestamp asked) {
    return asked.toInstant().plus(TO_TAKE_BACK);
  }

  /** What would go with a dog, or with the whole household. */
  @Transactional(readOnly = true)
  public Goes goes(@Nullable UUID dog) {
    if (dog != null) {
      requireDog(dog);
    }
    return jdbc.sql(
            """
            select
              (select count(*) from dog
                where household_id = :household and (:all or id = :dog)),
              (select count(distinct fact_id) from fact_version
                where household_id = :household
                  and (:all or fact_id = :dog or body ->> 'dogId' = :name)),
              (select count(*) from photo
                where household_id = :household and not gone and (:all or dog_id = :dog)),
              (select count(*) from visit_document
                join visit on visit.household_id = visit_document.household_id
                  and visit.id = visit_document.visit_id
                where visit.household_id = :household and (:all or visit.dog_id = :dog)),
              (select count(*) from membership where household_id = :household)
            """)
        .param("household", CurrentMember.household())
        .param("all", dog == null)
        .param("dog", dog, java.sql.Types.OTHER)
        .param("name", String.valueOf(dog))
        .query(
            (row, n) ->
                new Goes(row.getInt(1), row.getInt(2), row.getInt(3), row.getInt(4), row.getInt(5)))
        .single();
  }

  /**
   * Asks for it, and tells everybody who shares the household.
   *
   * @throws Refusal 404 if there is no such dog
   * @throws InvalidFields if it was asked already
   */
  @Transactional
  public void ask(@Nullable UUID dog) {
    if (dog != null) {
      requireDog(dog);
    }
    UUID id = UUID.randomUUID();
    try {
      jdbc.sql("insert into erasure (id, household_id, dog_id, asked_by) values (?, ?, ?, ?)")
          .params(id, CurrentMember.household(), dog, CurrentMember.get().person())
          .update();
    } catch (DuplicateKeyException e) {
      throw InvalidFields.of("dog", "is going to be erased already");
    }
    Erasure asked = all().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    String told =
        "%s asked that %s be erased for good in 30 days. Until then an owner can take that back, and save everything as a file, under Household."
            .formatted(
                asked.askedBy(), dog == null ? "the household " + asked.name() : asked.name());
    members().forEach(one -> mails.begin(Subject.TO_BE_ERASED, one.id(), one.email(), told));
  }

  private record Reached(UUID id, String email) {}

  private List<Reached> members() {
    return jdbc.sql(
            """
            select person.id, email from membership join person on person.id = person_id
            where household_id = ?
            """)
        .param(CurrentMember.household())
        .query((row, n) -> new Reached(row.getObject(1, UUID.class), row.getString(2)))
        .list();
  }

  private void requireDog(UUID dog) {
    boolean there =
        jdbc.sql("select exists (select from dog where household_id = ? and id = ?)")
            .params(CurrentMember.household(), dog)
            .query(Boolean.class)
            .single();
    if (!there) {
      throw Refusal.notFound();
    }
  }

  /**
   * Takes it back.
   *
   * @throws Refusal 404 if there is none such in the current household
   */
  @Transactional
  public void takeBack(UUID erasure) {
    int taken =
        jdbc.sql("delete from erasure where household_id = ? and id = ?")
            .params(CurrentMember.household(), erasure)
            .update();
    if (taken == 0) {
      throw Refusal.notFound();
    }
  }

  /**
   * A household that goes, or stays, with its person's account.
   *
   * @param name what it is called
   * @param goes whether it is erased too: nobody else shares it
   * @param ownerless whether somebody else would have to own it
   */
  record HouseholdThen(String name, boolean goes, boolean ownerless) {}

  /**
   * What becomes of an account.
   *
   * @param at when it is erased, where that was asked for
   * @param households what becomes of each household then
   */
  record AccountThen(Optional<Instant> at, List<HouseholdThen> households) {}

  /** What would become of a person's account and households. */
  @Transactional(readOnly = true)
  public AccountThen account(UUID person) {
    // their households' names are for them to see, whichever they work in
    jdbc.sql("select set_config('evenlobe.person', ?, true)")
        .param(person.toString())
        .query(String.class)
        .single();
    List<HouseholdThen> households =
        jdbc.sql(
                """
                select settings.name,
                  not exists (select from membership other
                    where other.household_id = mine.household_id and other.person_id <> :person),
                  not exists (select from membership other
                    where other.household_id = mine.household_id and other.person_id <> :person
                      and other.role = 'OWNER' and other.ends_on is null)
                from membership mine join settings on settings.household_id = mine.household_id
                where mine.person_id = :person order by settings.name
                """)
            .param("person", person)
            .query(
                (row, n) ->
                    new HouseholdThen(
                        row.getString(1),
                        row.getBoolean(2),
                        row.getBoolean(3) && !row.getBoolean(2)))
            .list();
    return new AccountThen(due(person), households);
  }

  /** When a person's account is erased, where that was asked for. */
  Optional<Instant> due(UUID person) {
    return jdbc.sql("select asked_at from erasure where person_id = ?")
        .param(person)
        .query((row, n) -> at(row.getTimestamp(1)))
        .optional();
  }

  /**
   * Asks that an account be erased.
   *
   * @throws InvalidFields if it was asked already, or if somebody has to own a household first
   */
  @Transactional
  public void askAccount(UUID person, String email) {
    List<String> ownerless =
        account(person).households().stream()
            .filter(HouseholdThen::ownerless)
            .map(HouseholdThen::name)
            .toList();
    if (!ownerless.isEmpty()) {
      throw InvalidFields.of(
          "household",
          "must be handed over first, so that somebody owns it: " + String.join(", ", ownerless));
    }
    try {
      jdbc.sql("insert into erasure (id, person_id, asked_by) values (?, ?, ?)")
          .params(UUID.randomUUID(), person, person)
          .update();
    } catch (DuplicateKeyException e) {
      throw InvalidFields.of("account", "is going to be erased already");
    }
    mails.begin(
        Subject.TO_BE_ERASED,
        person,
        email,
        "You asked that your account be erased for good in 30 days. Until then you can sign in and take"
            + " that back, under Household.");
  }

  /**
   * Takes it back.
   *
   * @throws Refusal 404 if it was not asked for
   */
  @Transactional
  public void takeBackAccount(UUID person) {
    if (jdbc.sql("delete from erasure where person_id = ?").param(person).update() == 0) {
      throw Refusal.notFound();
    }
  }

  /** When which of a person's households are erased. */
  Map<UUID, Instant> dueHouseholds(UUID person) {
    return jdbc
        .sql(
            """
            select household_id, asked_at from erasure
            where dog_id is null and household_id in
              (select household_id from membership where person_id = ?)
            """)
        .param(person)
        .query((row, n) -> Map.entry(row.getObject(1, UUID.class), at(row.getTimestamp(2))))
        .list()
        .stream()
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  /** What is due by the database's clock. */
  List<UUID> due() {
    return jdbc.sql("select id from erasure where asked_at <= now() - interval '30 days'")
        .query(UUID.class)
        .list();
  }

  /** Erases one that is due, for good. */
  @Transactional
  public void erase(UUID erasure) {
    jdbc.sql("select erase(?)").param(Objects.requireNonNull(erasure)).query((row, n) -> 0).list();
  }
}
