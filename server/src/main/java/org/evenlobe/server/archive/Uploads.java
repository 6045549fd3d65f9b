package org.evenlobe.server.archive;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.image.Room;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Archives that are being sent: part by part, so that none is in memory as a whole and a broken
 * connection costs one part. A person has one at a time.
 */
@Service
class Uploads {
  /** The parts that an archive may have, of 8 MB at most each. */
  static final int MOST_PARTS = 128;

  static final Duration GIVEN_UP_AFTER = Duration.ofDays(2);

  private final JdbcClient jdbc;
  private final HouseholdDay day;
  private final Room room;

  Uploads(JdbcClient jdbc, HouseholdDay day, Room room) {
    this.room = room;
    this.jdbc = jdbc;
    this.day = day;
  }

  /**
   * How far one has been taken in.
   *
   * @param parts how many parts have arrived
   * @param done how many facts have been taken in
   * @param of how many there are; 0 until it is known
   */
  record Progress(int parts, int done, int of) {}

  /** Keeps a part; the same again replaces it. Others of that person, and old ones, are dropped. */
  @Transactional
  public void put(UUID id, int number, byte[] content) {
    if (number < 0 || number >= MOST_PARTS) {
      throw InvalidFields.of("number", "must be 0 to 127: an archive has 1 GB at most");
    }
    UUID household = CurrentMember.household();
    UUID person = CurrentMember.get().person();
    OffsetDateTime now = day.now().atOffset(ZoneOffset.UTC);
    jdbc.sql(
            """
            delete from archive_upload
            where household_id = ? and id <> ? and (person_id = ? or begun_at < ?)
            """)
        .params(household, id, person, now.minus(GIVEN_UP_AFTER))
        .update();
    jdbc.sql(
            """
            insert into archive_upload (household_id, id, person_id, begun_at)
            values (?, ?, ?, ?) on conflict do nothing
            """)
        .params(household, id, person, now)
        .update();
    jdbc.sql(
            """
            delete from archive_part where household_id = ? and upload_id = ? and number = ?
            """)
        .params(household, id, number)
        .update();
    room.require(content.length);
    jdbc.sql("insert into archive_part values (?, ?, ?, ?)")
        .params(household, id, number, content)
        .update();
  }

  /**
   * How far one is.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public Progress progress(UUID id) {
    return jdbc.sql(
            """
            select done, of_all, (
              select count(*) from archive_part
              where archive_part.household_id = archive_upload.household_id and upload_id = id)
            from archive_upload where household_id = ? and id = ?
            """)
        .params(CurrentMember.household(), id)
        .query((row, n) -> new Progress(row.getInt(3), row.getInt(1), row.getInt(2)))
        .optional()
        .orElseThrow(Refusal::notFound);
  }

  /** Notes how far it is, at once and for all to see, whatever becomes of the rest. */
  @Transactional(propagation = Propagation.REQUIRES_NEW)
  public void note(UUID id, int done, int of) {
    jdbc.sql("update archive_upload set done = ?, of_all = ? where household_id = ? and id = ?")
        .params(done, of, CurrentMember.household(), id)
        .update();
  }

  /** Drops one; none is fine too. */
  @Transactional
  public void drop(UUID id) {
    jdbc.sql("delete from archive_upload where household_id = ? and id = ?")
        .params(CurrentMember.household(), id)
        .update();
  }

  /** Its bytes from the first part to the last, of which one at a time is in memory. */
  InputStream bytes(UUID id, int parts) {
    return new Parts(id, parts);
  }

  private final class Parts extends InputStream {
    private final UUID id;
    private final int parts;
    private int next;
    private ByteArrayInputStream present = new ByteArrayInputStream(new byte[0]);

    Parts(UUID id, int parts) {
      this.id = id;
      this.parts = parts;
    }

    @Override
    public int read() {
      return isAtEnd() ? -1 : present.read();
    }

    @Override
    public int read(byte[] into, int offset, int length) {
      return isAtEnd() ? -1 : present.read(into, offset, length);
    }

    private boolean isAtEnd() {
      while (present.available() == 0 && next < parts) {
        present = new ByteArrayInputStream(part(id, next++));
      }
      return present.available() == 0;
    }
  }

  private byte[] part(UUID id, int number) {
    return jdbc.sql(
            """
            select content from archive_part
            where household_id = ? and upload_id = ? and number = ?
            """)
        .params(CurrentMember.household(), id, number)
        .query(byte[].class)
        .optional()
        .orElseThrow(
            () -> InvalidFields.of("archive", "part %d has not arrived".formatted(number + 1)));
  }
}
