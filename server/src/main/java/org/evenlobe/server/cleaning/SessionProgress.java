package org.evenlobe.server.cleaning;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.problem.Refusal;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Keeps how far the session with each dog has got; the last write wins. */
@Service
public class SessionProgress {
  private final JdbcClient jdbc;
  private final Dogs dogs;
  private final JsonMapper json;
  private final Clock clock;

  SessionProgress(JdbcClient jdbc, Dogs dogs, JsonMapper json, Clock clock) {
    this.jdbc = jdbc;
    this.dogs = dogs;
    this.json = json;
    this.clock = clock;
  }

  /** The draft of a dog's session, where one has begun and not ended. */
  @Transactional(readOnly = true)
  public Optional<ProgressRequest> get(UUID dog) {
    return jdbc.sql("select body from session_progress where household_id = ? and dog_id = ?")
        .params(CurrentMember.household(), dog)
        .query(String.class)
        .optional()
        .flatMap(this::read);
  }

  /** A draft that another version of the product wrote may not fit any more: then there is none. */
  private Optional<ProgressRequest> read(String body) {
    try {
      return Optional.of(json.readValue(body, ProgressRequest.class));
    } catch (JacksonException otherVersion) {
      return Optional.empty();
    }
  }

  /**
   * Keeps the draft.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional
  public void put(UUID dog, ProgressRequest said) {
    if (dogs.one(CurrentMember.household(), dog).isEmpty()) {
      throw Refusal.notFound();
    }
    jdbc.sql(
            """
            insert into session_progress values (?, ?, cast(? as jsonb), ?, ?)
            on conflict (household_id, dog_id) do update
            set body = excluded.body, person_id = excluded.person_id, saved_at = excluded.saved_at
            """)
        .params(
            CurrentMember.household(),
            dog,
            json.writeValueAsString(said),
            CurrentMember.get().person(),
            OffsetDateTime.now(clock))
        .update();
  }

  /** Forgets the draft of that session; none, or one of another session, is fine too. */
  @Transactional
  public void remove(UUID dog, UUID session) {
    jdbc.sql(
            "delete from session_progress"
                + " where household_id = ? and dog_id = ? and body ->> 'id' = ?")
        .params(CurrentMember.household(), dog, session.toString())
        .update();
  }
}
