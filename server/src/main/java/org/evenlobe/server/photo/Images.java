package org.evenlobe.server.photo;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of a household, as JPEG. One that is there never changes. */
@Service
public class Images {
  /** What nobody has made a photograph of by then was given up. */
  private static final Duration GIVEN_UP_AFTER = Duration.ofDays(2);

  private final JdbcClient jdbc;
  private final Clock clock;

  Images(JdbcClient jdbc, Clock clock) {
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
    jdbc.sql(
            """
            delete from image where household_id = ? and sent_at < ? and not exists (
              select from photo
              where photo.household_id = image.household_id and image_id = image.id)
            """)
        .params(household, now.minus(GIVEN_UP_AFTER))
        .update();
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
