package org.evenlobe.server.visit;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.archive.KeptFiles;
import org.evenlobe.server.fact.ChangeNumber;
import org.evenlobe.server.image.CleanPicture;
import org.evenlobe.server.image.Room;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures and PDF documents that are attached to visits. One that is there never changes. */
@Service
class VisitDocuments {
  private static final int LONGER_SIDE = 2000;
  private static final int LONGEST_NAME = 120;
  private static final int MOST_FOR_A_VISIT = 12;
  private static final byte[] PDF_BEGINS = "%PDF-".getBytes(StandardCharsets.US_ASCII);

  private final JdbcClient jdbc;
  private final ChangeNumber changes;
  private final Room room;
  private final Clock clock;

  VisitDocuments(JdbcClient jdbc, ChangeNumber changes, Room room, Clock clock) {
    this.room = room;
    this.jdbc = jdbc;
    this.changes = changes;
    this.clock = clock;
  }

  /**
   * What is attached, without its content.
   *
   * @param id its id
   * @param name what the person called it
   * @param mediaType image/jpeg or application/pdf
   * @param sentAt when it was sent
   */
  public record Attached(UUID id, String name, String mediaType, Instant sentAt) {}

  /**
   * A document with its content.
   *
   * @param name what the person called it
   * @param mediaType its type
   * @param content its bytes
   */
  record Document(String name, MediaType mediaType, ByteArrayResource content) {

    /**
     * What was sent, a picture drawn anew.
     *
     * @throws InvalidFields if it is no JPEG, PNG or PDF, too large, or without a name
     */
    static Document of(String name, byte[] sent) {
      new InvalidFields.Collector()
          .require(
              !name.isBlank()
                  && name.length() <= LONGEST_NAME
                  && name.chars().noneMatch(Character::isISOControl),
              "name",
              "must be 1 to 120 printable characters")
          .require(sent.length <= CleanPicture.MOST_BYTES, "document", "must be 8 MB at most")
          .throwIfAny();
      boolean pdf = isPdf(sent);
      return new Document(
          name.strip(),
          pdf ? MediaType.APPLICATION_PDF : MediaType.IMAGE_JPEG,
          new ByteArrayResource(pdf ? sent : CleanPicture.jpeg(sent, LONGER_SIDE, "document")));
    }

    /**
     * What another house kept: as it is, where nothing is written beside a picture.
     *
     * @throws InvalidFields if it is not what it says
     */
    static Document again(KeptFiles.File file) {
      String field = "documents/" + file.listed().id();
      if (file.listed().type().equals("pdf")) {
        return of(file.listed().title(), file.content());
      }
      return new Document(
          file.listed().title(),
          MediaType.IMAGE_JPEG,
          new ByteArrayResource(CleanPicture.again(file.content(), field)));
    }

    private static boolean isPdf(byte[] sent) {
      return sent.length > PDF_BEGINS.length
          && Arrays.equals(PDF_BEGINS, Arrays.copyOf(sent, PDF_BEGINS.length));
    }
  }

  /** What is attached to the visits of a dog, oldest first, by visit. */
  @Transactional(readOnly = true)
  Map<UUID, List<Attached>> ofDog(UUID dog) {
    Map<UUID, List<Attached>> byVisit = new HashMap<>();
    jdbc.sql(
            """
            select visit_id, document.id, document.name, media_type, sent_at
            from visit_document document
            join visit on visit.household_id = document.household_id and visit.id = visit_id
            where document.household_id = ? and dog_id = ?
            order by sent_at, document.id
            """)
        .params(CurrentMember.household(), dog)
        .query(
            row -> {
              byVisit
                  .computeIfAbsent(row.getObject(1, UUID.class), visit -> new ArrayList<>())
                  .add(
                      new Attached(
                          row.getObject(2, UUID.class),
                          row.getString(3),
                          row.getString(4),
                          row.getTimestamp(5).toInstant()));
            });
    return byVisit;
  }

  /**
   * A document.
   *
   * @throws Refusal 404 if that visit has none such, or is deleted
   */
  @Transactional(readOnly = true)
  Document one(UUID visit, UUID document) {
    return jdbc.sql(
            """
            select document.name, media_type, content
            from visit_document document
            join visit on visit.household_id = document.household_id and visit.id = visit_id
            where document.household_id = ? and visit_id = ? and document.id = ? and not gone
            """)
        .params(CurrentMember.household(), visit, document)
        .query(
            (row, n) ->
                new Document(
                    row.getString(1),
                    MediaType.parseMediaType(row.getString(2)),
                    new ByteArrayResource(row.getBytes(3))))
        .optional()
        .orElseThrow(Refusal::notFound);
  }

  /**
   * Attaches a document to a visit; one of that id that is there already stays.
   *
   * @throws Refusal 404 if there is no such visit
   * @throws InvalidFields if it is one too many
   */
  @Transactional
  void put(UUID visit, UUID id, Document document) {
    room.require(document.content().getByteArray().length);
    UUID household = CurrentMember.household();
    boolean known =
        jdbc.sql("select exists (select from visit where household_id = ? and id = ? and not gone)")
            .params(household, visit)
            .query(Boolean.class)
            .single();
    if (!known) {
      throw Refusal.notFound();
    }
    int attached =
        jdbc.sql(
                """
                select count(*) from visit_document
                where household_id = ? and visit_id = ? and id <> ?
                """)
            .params(household, visit, id)
            .query(Integer.class)
            .single();
    if (attached >= MOST_FOR_A_VISIT) {
      throw InvalidFields.of("document", "must be 12 at most for a visit");
    }
    insert(id, visit, document, OffsetDateTime.now(clock));
    changes.raise();
  }

  /**
   * Keeps what another house kept; one of that id that is there already stays.
   *
   * @return whether it was not there
   */
  @Transactional
  boolean keep(KeptFiles.File file) {
    return insert(
        file.listed().id(),
        file.listed().owner(),
        Document.again(file),
        file.listed().sentAt().atOffset(ZoneOffset.UTC));
  }

  private boolean insert(UUID id, UUID visit, Document document, OffsetDateTime at) {
    return jdbc.sql(
                """
                insert into visit_document values (?, ?, ?, ?, ?, ?, ?)
                on conflict (household_id, id) do nothing
                """)
            .params(
                CurrentMember.household(),
                id,
                visit,
                document.name(),
                document.mediaType().toString(),
                document.content().getByteArray(),
                at)
            .update()
        > 0;
  }

  /** Takes a document away; none is fine too. */
  @Transactional
  void remove(UUID visit, UUID document) {
    jdbc.sql("delete from visit_document where household_id = ? and visit_id = ? and id = ?")
        .params(CurrentMember.household(), visit, document)
        .update();
    changes.raise();
  }
}
