package org.evenlobe.server.fact;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps facts under the ids that clients make, with every version, who said it and when.
 *
 * <p>A write that meets its precondition makes a version. One that does not, but says what some
 * kept version says, is a retry and changes nothing: a double tap, or a phone that was offline,
 * never doubles a record. Anything else is refused. Writes to one fact wait for each other.
 */
@Service
@Transactional(propagation = Propagation.MANDATORY)
class FactStore {
  private static final Duration UNDOABLE = Duration.ofDays(30);

  private final EntityManager entities;
  private final JdbcClient jdbc;
  private final ChangeNumber changes;
  private final JsonMapper json;
  private final Clock clock;

  FactStore(
      EntityManager entities, JdbcClient jdbc, ChangeNumber changes, JsonMapper json, Clock clock) {
    this.entities = entities;
    this.jdbc = jdbc;
    this.changes = changes;
    this.json = json;
    this.clock = clock;
  }

  /**
   * Creates or corrects a fact.
   *
   * @param rules what has to hold, asked only where a version would be made: what is stored already
   *     stays so, though the day for it may have passed meanwhile
   * @return the fact as it stands then
   * @throws Refusal 412 if it has changed meanwhile, 410 if it is deleted, 428 without precondition
   * @throws InvalidFields if the id is that of a fact of another kind
   */
  public <B, F extends StoredFact<B>> F put(
      FactKind<B, F> kind, UUID id, Precondition given, B body, Runnable rules) {
    FactKey key = new FactKey(CurrentMember.household(), id);
    String said = json.writeValueAsString(body);
    waitForOthers(key);
    F present = entities.find(kind.stored(), key);
    if (present == null) {
      return create(kind, key, given, body, said, rules);
    }
    if (given.expects(present.version())) {
      if (!present.isGone() && isKept(kind, key, present.version(), said)) {
        return present;
      }
      rules.run();
      return correct(kind, present, key, body, said);
    }
    if (!isKept(kind, key, null, said)) {
      throw given.isMissing() ? Refusal.noPrecondition() : Refusal.changed(present.version());
    }
    if (present.isGone()) {
      throw Refusal.gone();
    }
    return present;
  }

  /**
   * Makes a version that says that the fact is gone; one that is gone already stays so.
   *
   * @throws Refusal 404 if there is none, 412 if it has changed meanwhile, 428 without precondition
   */
  public <B, F extends StoredFact<B>> F remove(FactKind<B, F> kind, UUID id, Precondition given) {
    FactKey key = new FactKey(CurrentMember.household(), id);
    waitForOthers(key);
    F present = found(kind, key);
    if (present.isGone()) {
      return present;
    }
    if (!given.expects(present.version())) {
      throw given.isMissing() ? Refusal.noPrecondition() : Refusal.changed(present.version());
    }
    present.advance(true);
    keep(kind, key, present.version(), null, present.dogs());
    return present;
  }

  /**
   * Says again what an earlier version said; that is a version of its own.
   *
   * @param rules what has to hold of it
   * @throws Refusal 404 if there is no such version, or it was replaced more than 30 days ago
   */
  public <B, F extends StoredFact<B>> F restore(
      FactKind<B, F> kind, UUID id, int version, Consumer<B> rules) {
    FactKey key = new FactKey(CurrentMember.household(), id);
    waitForOthers(key);
    F present = found(kind, key);
    B body = restorable(kind, key, version).orElseThrow(Refusal::notFound).said(kind, json);
    rules.accept(body);
    return correct(kind, present, key, body, json.writeValueAsString(body));
  }

  /**
   * All versions of a fact, the latest first.
   *
   * @throws Refusal 404 if there is no such fact
   */
  public <B> List<KeptVersion<B>> versions(FactKind<B, ?> kind, UUID id) {
    FactKey key = new FactKey(CurrentMember.household(), id);
    List<KeptVersion<B>> versions =
        kept(kind, key).stream().map(one -> one.read(kind, json)).toList();
    if (versions.isEmpty()) {
      throw Refusal.notFound();
    }
    return versions;
  }

  private Optional<Kept> restorable(FactKind<?, ?> kind, FactKey key, int version) {
    return kept(kind, key).stream()
        .filter(one -> one.version() == version && one.restorable())
        .findFirst();
  }

  /** A version as it is kept; without a body where it says that the fact is gone. */
  private record Kept(
      int version, String by, Instant at, boolean restorable, @Nullable String body, int shape) {
    <B> B said(FactKind<B, ?> kind, JsonMapper json) {
      try {
        return json.treeToValue(kind.shapes().today(json.readTree(body), shape), kind.body());
      } catch (JacksonException unreadable) {
        throw InvalidFields.of("version", "cannot be read any more: it may not be said again");
      }
    }

    <B> KeptVersion<B> read(FactKind<B, ?> kind, JsonMapper json) {
      try {
        Optional<B> said = Optional.ofNullable(body).map(text -> said(kind, json));
        return new KeptVersion<>(version, by, at, restorable, said, said.flatMap(kind.day()));
      } catch (Refusal | DateTimeException | NullPointerException unreadable) {
        // what came in with an archive of earlier days may say what nobody can say now
        return new KeptVersion<>(version, by, at, false, Optional.empty(), Optional.empty());
      }
    }
  }

  private List<Kept> kept(FactKind<?, ?> kind, FactKey key) {
    OffsetDateTime undoable = OffsetDateTime.now(clock).minus(UNDOABLE);
    return jdbc.sql(
            """
            select version, body, shape, coalesce(told_by, person.name) as name, recorded_at,
              lead(recorded_at) over (order by version) as replaced_at
            from fact_version join person on person.id = person_id
            where household_id = ? and fact_id = ? and kind = ?
            order by version desc
            """)
        .params(key.householdId(), key.id(), kind.path())
        .query(
            (row, n) -> {
              String body = row.getString("body");
              OffsetDateTime replaced = row.getObject("replaced_at", OffsetDateTime.class);
              return new Kept(
                  row.getInt("version"),
                  row.getString("name"),
                  row.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                  body != null && replaced != null && replaced.isAfter(undoable),
                  body,
                  row.getInt("shape"));
            })
        .list();
  }

  private <F extends StoredFact<?>> F found(FactKind<?, F> kind, FactKey key) {
    F present = entities.find(kind.stored(), key);
    if (present == null) {
      throw Refusal.notFound();
    }
    return present;
  }

  private <B, F extends StoredFact<B>> F create(
      FactKind<B, F> kind, FactKey key, Precondition given, B body, String said, Runnable rules) {
    if (given.isMissing()) {
      throw Refusal.noPrecondition();
    }
    if (!given.expectsNew()) {
      throw Refusal.notFound();
    }
    if (isTaken(key)) {
      throw InvalidFields.of("id", "is the id of another record");
    }
    rules.run();
    F fact = kind.blank().get();
    fact.begin(key);
    fact.advance(false);
    fact.say(body);
    entities.persist(fact);
    keep(kind, key, fact.version(), said, fact.dogs());
    return fact;
  }

  private <B, F extends StoredFact<B>> F correct(
      FactKind<B, F> kind, F present, FactKey key, B body, String said) {
    List<UUID> dogs = new ArrayList<>(present.dogs());
    present.advance(false);
    present.say(body);
    dogs.addAll(present.dogs());
    keep(kind, key, present.version(), said, dogs);
    return present;
  }

  /** Until the end of the transaction, nobody else writes this fact. */
  private void waitForOthers(FactKey key) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(?, 0))")
        .param(key.householdId() + "/" + key.id())
        .query((row, n) -> true)
        .single();
  }

  /** Whether a fact of another kind has that id. */
  private boolean isTaken(FactKey key) {
    return jdbc.sql(
            """
            select exists (select from fact_version where household_id = ? and fact_id = ?)
            """)
        .params(key.householdId(), key.id())
        .query(Boolean.class)
        .single();
  }

  /** Whether that version, or any where none is named, says the same, in whichever shape. */
  private boolean isKept(FactKind<?, ?> kind, FactKey key, @Nullable Integer version, String said) {
    return isKept(key, version, said)
        || (kind.shapes().today() > 1
            && kept(kind, key).stream()
                .filter(one -> one.shape() < kind.shapes().today() && one.body() != null)
                .filter(one -> version == null || one.version() == version)
                .anyMatch(one -> json.writeValueAsString(one.said(kind, json)).equals(said)));
  }

  private boolean isKept(FactKey key, @Nullable Integer version, String said) {
    return jdbc.sql(
            """
            select exists (
              select from fact_version
              where household_id = :household and fact_id = :fact
                and version = coalesce(:version, version) and body = cast(:said as jsonb))
            """)
        .param("household", key.householdId())
        .param("fact", key.id())
        .param("version", version, java.sql.Types.INTEGER)
        .param("said", said)
        .query(Boolean.class)
        .single();
  }

  private void keep(
      FactKind<?, ?> kind, FactKey key, int version, @Nullable String said, List<UUID> dogs) {
    Member member = CurrentMember.get();
    jdbc.sql(
            """
            insert into fact_version
              (household_id, fact_id, version, kind, body, shape, person_id, recorded_at, told_by)
            values (?, ?, ?, ?, cast(? as jsonb), ?, ?, ?, ?)
            """)
        .params(
            key.householdId(),
            key.id(),
            version,
            kind.path(),
            said,
            kind.shapes().today(),
            member.person(),
            OffsetDateTime.now(clock),
            member.speaker().orElse(null))
        .update();
    changes.raise(dogs);
  }
}
