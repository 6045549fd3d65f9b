package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.sql.DataSource;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.evenlobe.server.record.LocalDayMigration;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/**
 * Every migration, on a database as the version before left it: nothing that people have is lost.
 */
@ExtendWith(RunningServer.class)
class MigrationTest {
  private static final String HOUSEHOLD = "00000000-0000-0000-0000-00000000000b";

  @Test
  void factsGetTheLocalDayThatTheServerHasReadInThemUntilNow() throws Exception {
    JdbcTemplate database = leftBy("7", "at_once");
    Map<String, List<String>> before = rows(database);

    migrate(RunningServer.databaseNamed("at_once"), MigrationVersion.LATEST);

    assertThat(lost(database, before)).isEmpty();
    assertThat(day(database, "cleaning")).isEqualTo("2026-03-29");
    assertThat(day(database, "ear_check")).isEqualTo("2026-03-29");
    assertThat(day(database, "visit")).isEqualTo("2026-03-29");
    assertThat(day(database, "hold_release")).isEqualTo("2026-03-28");
    assertThat(day(database, "skipped_item")).isEqualTo("2026-03-28");
    assertThat(day(database, "exposure")).isEqualTo("2026-03-28");
    assertThat(day(database, "practice")).isEqualTo("2026-03-28");
    assertThat(day(database, "drying")).isEqualTo("2026-03-29");
    assertThat(day(database, "expected_exposure")).isEqualTo("2026-03-29");
    assertThat(day(database, "struck_day")).isEqualTo("2026-03-29");
    assertThat(day(database, "pinned_item")).isEqualTo("2026-03-29");
    assertThat(day(database, "appointment")).isEqualTo("2026-03-29");
  }

  @Test
  void laterMigrationsLeaveWhatTheVersionBeforeThemHadAsItWas() throws Exception {
    JdbcTemplate database = leftBy("7", "step_by_step");
    for (int version = 9; version <= 31; version++) {
      Map<String, List<String>> before = rows(database);
      before.remove("household_stamp");
      migrate(
          RunningServer.databaseNamed("step_by_step"),
          MigrationVersion.fromVersion(String.valueOf(version)));
      assertThat(lost(database, before)).as("by version %d", version).isEmpty();
    }
  }

  /** A database of its own with what that version had in it. */
  private static JdbcTemplate leftBy(String version, String name) throws Exception {
    DataSource source = RunningServer.emptyDatabase(name);
    migrate(source, MigrationVersion.fromVersion(version));
    // a connection for each of a thousand questions would take most of the time
    JdbcTemplate database =
        new JdbcTemplate(new SingleConnectionDataSource(source.getConnection(), true));
    database.execute(
        new ClassPathResource("databases/left-by-" + version + ".sql")
            .getContentAsString(StandardCharsets.UTF_8));
    return database;
  }

  private static void migrate(DataSource database, MigrationVersion to) {
    Flyway.configure()
        .dataSource(database)
        .javaMigrations(new LocalDayMigration())
        .target(to)
        .load()
        .migrate();
  }

  @Test
  void whatKindAVersionIsOfIsItsPathAndNoLongerAClass() throws Exception {
    JdbcTemplate database = leftBy("7", "by_path");
    migrate(RunningServer.databaseNamed("by_path"), MigrationVersion.fromVersion("29"));
    Map<String, String> named =
        Map.of(
            "StoredGiving", "givings",
            "PinnedItem", "pins",
            "StoredRelease", "hold-releases",
            "StoredHairDone", "hair",
            "StoredTriggerSaid", "triggers");
    for (String name : named.keySet()) {
      database.update(
          "insert into fact_version (household_id, fact_id, version, kind, body, person_id,"
              + " recorded_at) select household_id, gen_random_uuid(), 1, ?, '{}', person_id,"
              + " recorded_at from fact_version limit 1",
          name);
    }

    migrate(RunningServer.databaseNamed("by_path"), MigrationVersion.LATEST);

    assertThat(database.queryForList("select distinct kind from fact_version", String.class))
        .containsAll(named.values())
        .isSubsetOf(
            RunningServer.bean(FactKinds.class).all().stream().map(FactKind::path).toList());
    assertThat(database.queryForList("select distinct shape from fact_version", Integer.class))
        .containsExactly(1);
  }

  /** Every row of every table, as the database writes it. */
  private static Map<String, List<String>> rows(JdbcTemplate database) {
    Map<String, List<String>> rows = new TreeMap<>();
    for (String table :
        database.queryForList(
            "select table_name from information_schema.tables where table_schema = 'public'"
                + " and table_name <> 'flyway_schema_history'",
            String.class)) {
      rows.put(
          table,
          // what kind a version is of is written otherwise from some version on
          database.queryForList(
              "select to_jsonb(t) - '"
                  + (table.equals("fact_version") ? "kind" : "")
                  + "' from "
                  + table
                  + " t",
              String.class));
    }
    return rows;
  }

  /** The rows that are no longer there, or say something else than before. */
  private static List<String> lost(JdbcTemplate database, Map<String, List<String>> before) {
    List<String> lost = new ArrayList<>();
    before.forEach(
        (table, rows) -> {
          List<String> gone =
              database.queryForList(
                  "with now as materialized (select to_jsonb(t) as row from "
                      + table
                      + " t) select b from unnest(?) b"
                      + " where not exists (select from now where now.row @> cast(b as jsonb))",
                  String.class,
                  (Object) rows.toArray(String[]::new));
          gone.forEach(row -> lost.add(table + " " + row));
        });
    return lost;
  }

  private static String day(JdbcTemplate database, String table) {
    return database.queryForObject(
        "select day from " + table + " where household_id = cast(? as uuid)",
        String.class,
        HOUSEHOLD);
  }
}
