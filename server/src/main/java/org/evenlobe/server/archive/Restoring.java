package org.evenlobe.server.archive;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.ChangeNumber;
import org.evenlobe.server.fact.FactHistories;
import org.evenlobe.server.fact.FactHistories.TakenOver;
import org.evenlobe.server.fact.FactHistory;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes an archive into a household: all of it or nothing, in one transaction. Trying it first does
 * the same and lets go of it again, so that what is told is what would become of it.
 */
@Service
class Restoring {
  private final FactHistories facts;
  private final ArchivedFiles files;
  private final Uploads uploads;
  private final ChangeNumber changes;
  private final JdbcClient jdbc;
  private final JsonMapper json;
  private final TransactionTemplate transaction;

  Restoring(
      FactHistories facts,
      ArchivedFiles files,
      Uploads uploads,
      ChangeNumber changes,
      JdbcClient jdbc,
      JsonMapper json,
      PlatformTransactionManager transactions) {
    this.facts = facts;
    this.files = files;
    this.uploads = uploads;
    this.changes = changes;
    this.jdbc = jdbc;
    this.json = json;
    this.transaction = new TransactionTemplate(transactions);
  }

  /**
   * What becomes of the facts of one kind.
   *
   * @param kind the path of the kind
   * @param added how many are added
   * @param there how many are there already, and stay as they stand
   */
  record KindTaken(String kind, int added, int there) {}

  /**
   * What becomes of an archive.
   *
   * @param from what the household is called that it came from
   * @param madeAt when it was made
   * @param dogs the names of the dogs that are added
   * @param kinds kind by kind
   * @param filesAdded how many pictures and documents are added
   * @param filesThere how many of them are there already
   */
  record Taken(
      String from,
      Instant madeAt,
      List<String> dogs,
      List<KindTaken> kinds,
      int filesAdded,
      int filesThere) {}

  /**
   * Takes it in.
   *
   * @param parts how many parts it has
   * @param settings whether how that household likes things is taken over as well
   * @param keeps whether what was taken in stays
   * @throws InvalidFields if anything is wrong with it
   */
  Taken take(UUID upload, int parts, boolean settings, boolean keeps) {
    try {
      Taken taken =
          transaction.execute(
              status -> {
                if (!keeps) {
                  status.setRollbackOnly();
                }
                return take(upload, parts, settings);
              });
      if (keeps) {
        uploads.drop(upload);
      }
      return taken;
    } catch (DataIntegrityViolationException refused) {
      throw InvalidFields.of(
          "archive", "holds a record that names another which is neither in it nor here");
    }
  }

  private Taken take(UUID upload, int parts, boolean settings) {
    boolean alone =
        jdbc.sql("select pg_try_advisory_xact_lock(hashtextextended(?, 1))")
            .param(CurrentMember.household().toString())
            .query(Boolean.class)
            .single();
    if (!alone) {
      throw Refusal.busy();
    }
    jdbc.sql("set constraints all deferred").update();
    Taking taking = new Taking(upload, settings);
    new ArchiveReader(json).read(uploads.bytes(upload, parts), taking);
    jdbc.sql("set constraints all immediate").update();
    changes.raise(taking.written);
    return taking.taken();
  }

  /** One archive that is being taken in. */
  private final class Taking implements ArchiveReader.Taker {
    private final UUID upload;
    private final boolean withSettings;
    private final Map<String, KindTaken> kinds = new TreeMap<>();
    private final List<String> dogs = new ArrayList<>();
    private final Set<UUID> written = new HashSet<>();
    private Archive.Head head;
    private int done;
    private int filesAdded;
    private int filesThere;

    Taking(UUID upload, boolean withSettings) {
      this.upload = upload;
      this.withSettings = withSettings;
    }

    Taken taken() {
      return new Taken(
          head.name(), head.madeAt(), dogs, List.copyOf(kinds.values()), filesAdded, filesThere);
    }

    @Override
    public void head(Archive.Head read) {
      head = read;
    }

    @Override
    public void facts(List<FactHistory> read) {
      uploads.note(upload, done, head.facts());
      List<FactHistory> records = new ArrayList<>();
      for (FactHistory one : read) {
        if (!one.kind().equals(Archive.SETTINGS)) {
          records.add(one);
        } else if (withSettings) {
          boolean changes = facts.say(one, CurrentMember.household());
          count(one, changes ? 1 : 0, changes ? 0 : 1);
        }
      }
      TakenOver over = facts.take(records);
      over.added().forEach(this::added);
      over.there().forEach(one -> count(one, 0, 1));
      done += read.size();
    }

    private void added(FactHistory one) {
      count(one, 1, 0);
      one.lastSaid()
          .ifPresent(
              said -> {
                if (one.kind().equals(Archive.FIRST_KIND)) {
                  dogs.add(said.path("name").asString(""));
                  written.add(one.id());
                } else if (said.has("dogId")) {
                  written.add(UUID.fromString(said.path("dogId").asString("")));
                }
              });
    }

    private void count(FactHistory one, int added, int there) {
      kinds.merge(
          one.kind(),
          new KindTaken(one.kind(), added, there),
          (a, b) -> new KindTaken(a.kind(), a.added() + b.added(), a.there() + b.there()));
    }

    @Override
    public void file(String folder, KeptFiles.File file) {
      if (files.take(folder, file)) {
        filesAdded++;
      } else {
        filesThere++;
      }
    }
  }
}
