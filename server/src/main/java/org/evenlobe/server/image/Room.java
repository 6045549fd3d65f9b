package org.evenlobe.server.image;

import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * How much room a household's pictures, papers and files that are being sent take, and may take.
 */
@Component
public class Room {
  private static final long MEGABYTE = 1_000_000;

  private final JdbcClient jdbc;
  private final long most;

  Room(JdbcClient jdbc, @Value("${evenlobe.limits.household-megabytes}") long megabytes) {
    this.jdbc = jdbc;
    this.most = megabytes * MEGABYTE;
  }

  /**
   * How much room there is.
   *
   * @param takenBytes how much is taken
   * @param mostBytes how much may be
   */
  public record RoomTaken(long takenBytes, long mostBytes) {}

  /** Of the current household. */
  public RoomTaken taken() {
    return jdbc.sql(
            """
            select
              (select coalesce(sum(octet_length(jpeg)), 0) from image where household_id = :one)
              + (select coalesce(sum(octet_length(jpeg)), 0) from picture where household_id = :one)
              + (select coalesce(sum(octet_length(content)), 0) from visit_document
                  where household_id = :one)
              + (select coalesce(sum(octet_length(content)), 0) from archive_part
                  where household_id = :one)
            """)
        .param("one", CurrentMember.household())
        .query((row, n) -> new RoomTaken(row.getLong(1), most))
        .single();
  }

  /**
   * Goes on where there is room for so much more in the current household.
   *
   * @throws InvalidFields where there is not
   */
  public void require(long bytes) {
    long taken = taken().takenBytes();
    if (taken + bytes > most) {
      throw InvalidFields.of(
          "body",
          "does not fit: pictures and papers of this household take %d of %d MB. Erase or take out some"
                  .formatted(taken / MEGABYTE, most / MEGABYTE)
              + ", or ask whoever runs this server for more");
    }
  }
}
