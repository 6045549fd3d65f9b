package org.evenlobe.server.record;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.Moment;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.stereotype.Component;

/**
 * Gives every fact of a dog the local day that it is of, made from its instant and its zone as the
 * server has read them until now. It is not SQL because the database reads some zones otherwise: to
 * it "+02:00" lies west of Greenwich.
 */
@Component
public class LocalDayMigration implements JavaMigration {
  private static final int BATCH = 1000;
  private static final List<String> TABLES =
      List.of(
          "cleaning",
          "ear_check",
          "visit",
          "hold_release",
          "skipped_item",
          "exposure",
          "practice",
          "drying",
          "expected_exposure",
          "struck_day",
          "pinned_item",
          "appointment");

  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("8");
  }

  @Override
  public String getDescription() {
    return "local days";
  }

  @Override
  public Integer getChecksum() {
    return 1;
  }

  @Override
  public boolean canExecuteInTransaction() {
    return true;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection database = context.getConnection();
    for (String table : TABLES) {
      try (Statement statement = database.createStatement()) {
        statement.execute("alter table " + table + " add column day date");
        fill(database, table);
        statement.execute("alter table " + table + " alter column day set not null");
      }
    }
  }

  private static void fill(Connection database, String table) throws SQLException {
    try (Statement all = database.createStatement();
        PreparedStatement one =
            database.prepareStatement(
                "update " + table + " set day = ? where household_id = ? and id = ?")) {
      all.setFetchSize(BATCH);
      int waiting = 0;
      try (ResultSet row =
          all.executeQuery("select household_id, id, done_at, zone from " + table)) {
        while (row.next()) {
          Moment moment =
              Moment.of(
                  row.getObject(3, OffsetDateTime.class).toInstant(), ZoneId.of(row.getString(4)));
          one.setObject(1, moment.day());
          one.setObject(2, row.getObject(1, UUID.class));
          one.setObject(3, row.getObject(2, UUID.class));
          one.addBatch();
          if (++waiting % BATCH == 0) {
            one.executeBatch();
          }
        }
      }
      one.executeBatch();
    }
  }
}
