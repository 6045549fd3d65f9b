package org.evenlobe.server.archive;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import javax.sql.DataSource;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.archive.KeptFiles.File;
import org.evenlobe.server.archive.KeptFiles.Listed;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The files of a household, of every kind: a few of them in memory at a time. */
@Service
@Transactional(propagation = Propagation.MANDATORY)
class ArchivedFiles {
  private static final int AT_ONCE = 4;

  private final List<KeptFiles> kinds;
  private final JdbcTemplate jdbc;

  ArchivedFiles(List<KeptFiles> kinds, DataSource source) {
    this.kinds = kinds;
    jdbc = new JdbcTemplate(source);
    jdbc.setFetchSize(AT_ONCE);
  }

  /** Those of these owners, or all. */
  public List<Archive.FileEntry> list(Optional<Set<UUID>> owners) {
    return kinds.stream()
        .flatMap(
            kind ->
                jdbc
                    .query(
                        select("owner, id, type, title, sent_at", kind, owners),
                        (row, n) -> Archive.FileEntry.of(kind.folder(), listed(row)),
                        parameters(owners))
                    .stream())
        .toList();
  }

  /** Hands out the same, each with its name. */
  public void each(Optional<Set<UUID>> owners, BiConsumer<String, byte[]> consumer) {
    for (KeptFiles kind : kinds) {
      jdbc.query(
          select("*", kind, owners),
          row -> {
            consumer.accept(
                Archive.FileEntry.of(kind.folder(), listed(row)).path(), row.getBytes("content"));
          },
          parameters(owners));
    }
  }

  /**
   * Keeps one.
   *
   * @return whether it was not there
   * @throws InvalidFields if it is not what it says, or of no kind that is known
   */
  public boolean take(String folder, File file) {
    return kinds.stream()
        .filter(one -> one.folder().equals(folder))
        .findFirst()
        .orElseThrow(() -> InvalidFields.of("archive", "has an unknown folder: " + folder))
        .take()
        .test(file);
  }

  private static String select(String columns, KeptFiles kind, Optional<Set<UUID>> owners) {
    return "select %s from (%s) kept%s order by owner, id"
        .formatted(columns, kind.rows(), owners.isPresent() ? " where owner = any (?)" : "");
  }

  private static Object[] parameters(Optional<Set<UUID>> owners) {
    UUID household = CurrentMember.household();
    return owners
        .map(some -> new Object[] {household, some.toArray(UUID[]::new)})
        .orElseGet(() -> new Object[] {household});
  }

  private static Listed listed(ResultSet row) throws SQLException {
    return new Listed(
        row.getObject("owner", UUID.class),
        row.getObject("id", UUID.class),
        row.getString("type"),
        row.getString("title"),
        row.getTimestamp("sent_at").toInstant());
  }
}
