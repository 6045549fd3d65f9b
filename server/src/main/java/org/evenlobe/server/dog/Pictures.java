package org.evenlobe.server.dog;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.archive.KeptFiles;
import org.evenlobe.server.fact.ChangeNumber;
import org.evenlobe.server.image.Room;
import org.evenlobe.server.problem.Refusal;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One picture for each dog, drawn anew and small. */
@Service
public class Pictures {
  /** The longer side of a kept picture, in pixels. */
  static final int LONGER_SIDE = 480;

  private final JdbcClient jdbc;
  private final Dogs dogs;
  private final ChangeNumber changes;
  private final Room room;
  private final Clock clock;

  Pictures(JdbcClient jdbc, Dogs dogs, ChangeNumber changes, Room room, Clock clock) {
    this.room = room;
    this.jdbc = jdbc;
    this.dogs = dogs;
    this.changes = changes;
    this.clock = clock;
  }

  /** When the present picture of each of the household's dogs was sent. */
  @Transactional(readOnly = true)
  public Map<UUID, Instant> sentAt() {
    Map<UUID, Instant> sent = new HashMap<>();
    jdbc.sql("select dog_id, sent_at from picture where household_id = ?")
        .param(CurrentMember.household())
        .query(
            row -> {
              sent.put(row.getObject(1, UUID.class), row.getTimestamp(2).toInstant());
            });
    return sent;
  }

  /** A dog's picture as a JPEG. */
  @Transactional(readOnly = true)
  public Optional<byte[]> jpeg(UUID dog) {
    return jdbc.sql("select jpeg from picture where household_id = ? and dog_id = ?")
        .params(CurrentMember.household(), dog)
        .query(byte[].class)
        .optional();
  }

  /**
   * Keeps a JPEG as the dog's picture.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional
  public void put(UUID dog, byte[] jpeg) {
    room.require(jpeg.length);
    if (dogs.one(CurrentMember.household(), dog).isEmpty()) {
      throw Refusal.notFound();
    }
    jdbc.sql(
            """
            insert into picture values (?, ?, ?, ?)
            on conflict (household_id, dog_id)
            do update set jpeg = excluded.jpeg, sent_at = excluded.sent_at
            """)
        .params(CurrentMember.household(), dog, jpeg, OffsetDateTime.now(clock))
        .update();
    changes.raise();
  }

  /**
   * Keeps a JPEG of a dog that has none yet.
   *
   * @return whether it had none
   */
  @Transactional
  public boolean keep(KeptFiles.Listed file, byte[] jpeg) {
    return jdbc.sql("insert into picture values (?, ?, ?, ?) on conflict do nothing")
            .params(
                CurrentMember.household(),
                file.owner(),
                jpeg,
                file.sentAt().atOffset(ZoneOffset.UTC))
            .update()
        > 0;
  }

  /** Takes the picture away; none is fine too. */
  @Transactional
  public void remove(UUID dog) {
    jdbc.sql("delete from picture where household_id = ? and dog_id = ?")
        .params(CurrentMember.household(), dog)
        .update();
    changes.raise();
  }
}
