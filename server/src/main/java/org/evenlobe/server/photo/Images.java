package org.evenlobe.server.photo;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.image.Room;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of a household, as JPEG. One that is there never changes. */
@Service
public class Images {
  private final JdbcClient jdbc;
  private final Room room;
  private final Clock clock;

  Images(JdbcClient jdbc, Room room, Clock clock) {
    this.room = room;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** Whether there is one. */
  @Transactional(readOnly = true)
  public boolean isKnown(UUID id) {
    return jdbc.sql("select exists (select from image where household_id = ? and id = ?)")
        .params(CurrentMember.household(), id)
        .query(Boolean.class)
        .single();
  }

  /** One as a JPEG. */
  @Transactional(readOnly = true)
  public Optional<byte[]> jpeg(UUID id) {
    return jdbc.sql("select jpeg from image where household_id = ? and id = ?")
        .params(CurrentMember.household(), id)
        .query(byte[].class)
        .optional();
  }

  /**
   * Keeps one under an id that the client makes; one of that id that is there already stays.
   *
   * @return whether it was not there
   */
  @Transactional
  public boolean put(UUID id, byte[] jpeg) {
    UUID household = CurrentMember.household();
    OffsetDateTime now = OffsetDateTime.now(clock);
    if (!isKnown(id)) {
      room.require(jpeg.length);
    }
    return jdbc.sql(
                """
                insert into image (household_id, id, jpeg, sent_at)
                values (?, ?, ?, ?) on conflict do nothing
                """)
            .params(household, id, jpeg, now)
            .update()
        > 0;
  }
}
