package org.evenlobe.server.fact;

import jakarta.persistence.EntityManager;
import jakarta.persistence.FlushModeType;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.fact.FactHistory.Told;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.InvalidFields.FieldError;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Facts of a household with all their versions: read one after the other, and taken over. */
@Service
@Transactional(propagation = Propagation.MANDATORY)
public class FactHistories {
  private static final int AT_ONCE = 500;

  private final EntityManager entities;
  private final JdbcTemplate jdbc;
  private final FactKeeping keeping;
  private final FactKinds kinds;
  private final JsonMapper json;
  private final Bodies bodies;
  private final HouseholdDay day;

  FactHistories(
      EntityManager entities,
      DataSource source,
      FactKeeping keeping,
      FactKinds kinds,
      JsonMapper json,
      Bodies bodies,
      HouseholdDay day) {
    this.entities = entities;
    this.jdbc = new JdbcTemplate(source);
    // rows come by so many at a time, however many there are
    this.jdbc.setFetchSize(AT_ONCE);
    this.keeping = keeping;
    this.kinds = kinds;
    this.json = json;
    this.bodies = bodies;
    this.day = day;
  }

  /** How many facts there are, the deleted ones included. */
  public int count() {
    Integer count =
        jdbc.queryForObject(
            "select count(*) from fact_version where household_id = ? and version = 1",
            Integer.class,
            CurrentMember.household());
    return count == null ? 0 : count;
  }

  /** Whether there is a fact of that kind, and of that id. */
  public boolean isKnown(String kind, UUID id) {
    return kind.equals(known(List.of(id)).get(id));
  }

  /** Hands out all facts, those of that kind first; never all are in memory. */
  public void each(String firstKind, Consumer<FactHistory> consumer) {
    Gathered gathered = new Gathered(consumer);
    jdbc.query(
        """
        select fact_version.kind, fact_id, body, recorded_at, coalesce(told_by, person.name), shape
        from fact_version join person on person.id = person_id
        where household_id = ?
        order by fact_version.kind <> ?, fact_version.kind, fact_id, version
        """,
        row -> {
          String body = row.getString(3);
          gathered.add(
              row.getString(1),
              row.getObject(2, UUID.class),
              new Told(
                  row.getTimestamp(4).toInstant(),
                  Optional.of(row.getString(5)),
                  Optional.ofNullable(body).map(json::readTree),
                  // the first is not worth a word
                  Optional.of(row.getInt(6)).filter(shape -> body != null && shape > 1)));
        },
        CurrentMember.household(),
        firstKind);
    gathered.end();
  }

  /** Hands out the facts of a kind as they stand, those that are not deleted. */
  public void eachPresent(FactKind<?, ?> kind, BiConsumer<UUID, JsonNode> consumer) {
    jdbc.query(
        """
        select fact_id, body, shape from (
          select distinct on (fact_id) fact_id, body, shape from fact_version
          where household_id = ? and kind = ? order by fact_id, version desc) present
        where body is not null
        """,
        row -> {
          consumer.accept(
              row.getObject(1, UUID.class),
              kind.shapes().today(json.readTree(row.getString(2)), row.getInt(3)));
        },
        CurrentMember.household(),
        kind.path());
  }

  /** Puts versions that follow each other together again. */
  private static final class Gathered {
    private final Consumer<FactHistory> consumer;
    private final List<Told> versions = new ArrayList<>();
    private Optional<UUID> id = Optional.empty();
    private String kind = "";

    Gathered(Consumer<FactHistory> consumer) {
      this.consumer = consumer;
    }

    void add(String path, UUID of, Told told) {
      if (!id.equals(Optional.of(of))) {
        end();
        id = Optional.of(of);
        kind = path;
      }
      versions.add(told);
    }

    void end() {
      id.ifPresent(one -> consumer.accept(new FactHistory(kind, one, List.copyOf(versions))));
      versions.clear();
      id = Optional.empty();
    }
  }

  /**
   * What became of facts that were to be taken over.
   *
   * @param added those that were not there
   * @param there those that are there already, and stay as they stand
   */
  public record TakenOver(List<FactHistory> added, List<FactHistory> there) {}

  /**
   * Takes over facts that are not there yet, with all their versions; each has to hold by what
   * lasts of its kind's rules.
   *
   * @throws InvalidFields naming the fact in which something is wrong
   */
  public TakenOver take(List<FactHistory> histories) {
    Map<UUID, String> known = known(histories.stream().map(FactHistory::id).toList());
    List<FactHistory> added = new ArrayList<>();
    List<FactHistory> there = new ArrayList<>();
    List<Object[]> versions = new ArrayList<>();
    Set<UUID> seen = new HashSet<>();
    // what is asked on the way is asked of dogs, which stand first and are written by then
    entities.setFlushMode(FlushModeType.COMMIT);
    for (FactHistory one : histories) {
      FactKind<?, ?> kind = kind(one);
      String path = known.get(one.id());
      if (!seen.add(one.id()) || (path != null && !path.equals(kind.path()))) {
        throw wrong(one, "id", "is the id of another record");
      }
      if (path == null) {
        add(kind, one, versions);
        added.add(one);
      } else {
        there.add(one);
      }
    }
    jdbc.batchUpdate(
        """
        insert into fact_version
          (household_id, fact_id, version, kind, body, shape, person_id, recorded_at, told_by)
        values (?, ?, ?, ?, cast(? as jsonb), ?, ?, ?, ?)
        """,
        versions);
    entities.flush();
    entities.clear();
    return new TakenOver(added, there);
  }

  /**
   * Says what was said last of a fact under another id, where there is one; what was said there
   * stays as a version.
   *
   * @return whether it says anything else than before
   * @throws InvalidFields if something is wrong with it
   */
  public boolean say(FactHistory history, UUID id) {
    return say(kind(history), history, id);
  }

  private <B, F extends StoredFact<B>> boolean say(
      FactKind<B, F> kind, FactHistory history, UUID id) {
    B said =
        read(
            kind,
            history,
            history.last().orElseThrow(() -> wrong(history, "versions", "must say it")));
    validate(history, said);
    int before = keeping.versions(kind, id).size();
    return keeping.put(id, Precondition.any(), said).version() > before;
  }

  /** Which of these ids are those of facts, deleted or not. */
  public Set<UUID> taken(List<UUID> ids) {
    return known(ids).keySet();
  }

  private Map<UUID, String> known(List<UUID> ids) {
    Map<UUID, String> known = new HashMap<>();
    jdbc.query(
        """
        select fact_id, kind from fact_version
        where household_id = ? and version = 1 and fact_id = any (?)
        """,
        row -> {
          known.put(row.getObject(1, UUID.class), row.getString(2));
        },
        CurrentMember.household(),
        ids.toArray(UUID[]::new));
    return known;
  }

  private FactKind<?, ?> kind(FactHistory history) {
    return kinds.all().stream()
        .filter(one -> one.path().equals(history.kind()))
        .findFirst()
        .orElseThrow(() -> wrong(history, "kind", "is none that is known here"));
  }

  private <B, F extends StoredFact<B>> void add(
      FactKind<B, F> kind, FactHistory history, List<Object[]> rows) {
    Member member = CurrentMember.get();
    F fact = kind.blank().get();
    fact.begin(new FactKey(member.household(), history.id()));
    Optional<B> last = Optional.empty();
    for (Told told : history.versions()) {
      hasShape(kind, history, told);
      Optional<B> body = told.said().map(said -> read(kind, history, told));
      body.ifPresent(said -> check(kind, history, said));
      fact.advance(body.isEmpty());
      body.ifPresent(fact::say);
      if (body.isPresent()) {
        last = body;
      }
      isPast(history, told.at());
      rows.add(
          new Object[] {
            member.household(),
            history.id(),
            fact.version(),
            kind.path(),
            body.map(said -> kept(kind, told, said)).orElse(null),
            told.shape().orElse(1),
            member.person(),
            Timestamp.from(told.at()),
            told.by().orElse(null)
          });
    }
    if (last.isEmpty()) {
      throw wrong(history, "versions", "must say something of it");
    }
    entities.persist(fact);
  }

  /** As it was said: one of an earlier shape stays in it. */
  private String kept(FactKind<?, ?> kind, Told told, Object said) {
    return told.shape().orElse(1) == kind.shapes().today()
        ? json.writeValueAsString(said)
        : told.said().orElseThrow().toString();
  }

  private void isPast(FactHistory history, Instant at) {
    if (at.isAfter(day.latest())) {
      throw wrong(history, "at", "must not lie in the future");
    }
  }

  private static void hasShape(FactKind<?, ?> kind, FactHistory history, Told told) {
    if (!kind.shapes().has(told.shape().orElse(1))) {
      throw wrong(history, "shape", "is none that is known here");
    }
  }

  private <B> B read(FactKind<B, ?> kind, FactHistory history, Told told) {
    hasShape(kind, history, told);
    try {
      return json.treeToValue(
          kind.shapes().today(told.said().orElseThrow(), told.shape().orElse(1)), kind.body());
    } catch (JacksonException unreadable) {
      throw wrong(history, "said", "cannot be read: " + unreadable.getOriginalMessage());
    }
  }

  private <B> void check(FactKind<B, ?> kind, FactHistory history, B said) {
    validate(history, said);
    try {
      kind.lasting().check(history.id(), said);
    } catch (InvalidFields refused) {
      throw new InvalidFields(
          refused.errors().stream()
              .map(one -> new FieldError(place(history, one.field()), one.message()))
              .toList());
    }
  }

  private void validate(FactHistory history, Object said) {
    bodies.validate(said, place(history, ""));
  }

  private static InvalidFields wrong(FactHistory history, String field, String message) {
    return InvalidFields.of(place(history, field), message);
  }

  private static String place(FactHistory history, String field) {
    return "%s %s, %s".formatted(history.kind(), history.id(), field);
  }
}
