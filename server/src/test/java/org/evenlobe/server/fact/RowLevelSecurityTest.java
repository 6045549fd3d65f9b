package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What the database itself lets through to the application's role. */
@ExtendWith(RunningServer.class)
class RowLevelSecurityTest {
  private static Caller owner;
  private static JdbcClient jdbc;

  @BeforeAll
  static void fill() {
    owner = Caller.newOwner();
    Samples.newDog(owner);
    jdbc = RunningServer.bean(JdbcClient.class);
  }

  /** Tables that are looked up before a household is known. */
  private static final List<String> EXCEPTIONS =
      List.of("membership", "invite", "calendar_link", "shared_link", "mailed_secret", "erasure");

  /** Tables of what a person asked for, of a household or of none. */
  private static final List<String> OF_A_PERSON = List.of("mailed_secret", "erasure");

  private static List<String> householdTables() {
    return jdbc.sql(
            """
            select table_name from information_schema.columns
            where table_schema = 'public' and column_name = 'household_id'
            order by table_name
            """)
        .query(String.class)
        .list();
  }

  @Test
  void everyTableWithAHouseholdIsFencedByAPolicy() {
    List<String> fenced =
        jdbc.sql(
                """
                select relname from pg_class
                where relrowsecurity and relnamespace = 'public'::regnamespace
                  and exists (select from pg_policy where polrelid = pg_class.oid)
                """)
            .query(String.class)
            .list();

    assertThat(householdTables()).contains("dog", "cleaning", "fact_version");
    assertThat(fenced).contains("household");
    assertThat(householdTables())
        .filteredOn(table -> !EXCEPTIONS.contains(table))
        .isSubsetOf(fenced);
  }

  @Test
  void everyTableWithAHouseholdHasItInItsPrimaryKey() {
    List<String> keyed =
        jdbc.sql(
                """
                select t.relname from pg_index i
                join pg_class t on t.oid = i.indrelid
                join pg_attribute a on a.attrelid = t.oid and a.attnum = any (i.indkey)
                where i.indisprimary and a.attname = 'household_id'
                """)
            .query(String.class)
            .list();

    assertThat(householdTables())
        .filteredOn(table -> !OF_A_PERSON.contains(table))
        .isSubsetOf(keyed);
  }

  @Test
  void withoutAHouseholdNothingIsSeen() {
    for (String table : List.of("dog", "cleaning", "fact_version", "household")) {
      assertThat(jdbc.sql("select count(*) from " + table).query(Long.class).single())
          .as(table)
          .isZero();
    }
  }

  @Test
  void withAHouseholdOnlyItsRowsAreSeen() {
    Caller other = Caller.newOwner();
    Samples.newDog(other);

    assertThat(dogsSeenBy(owner.household())).containsOnly(owner.household());
    assertThat(dogsSeenBy(other.household())).containsOnly(other.household());
    assertThat(dogsSeenBy(UUID.randomUUID())).isEmpty();
  }

  @Test
  void aRowCannotBeWrittenIntoAnotherHousehold() {
    assertThatThrownBy(
            () ->
                in(
                    UUID.randomUUID(),
                    () ->
                        jdbc.sql("insert into fact_version values (?, ?, 1, 'Dog', null, ?, now())")
                            .params(owner.household(), UUID.randomUUID(), UUID.randomUUID())
                            .update()))
        .hasStackTraceContaining("row-level security");
  }

  @Test
  void theApplicationsRoleOwnsNothingAndIsNoSuperuser() {
    assertThat(
            jdbc.sql("select rolsuper or rolbypassrls from pg_roles where rolname = current_user")
                .query(Boolean.class)
                .single())
        .isFalse();
    assertThat(
            jdbc.sql("select count(*) from pg_tables where tableowner = current_user")
                .query(Long.class)
                .single())
        .isZero();
  }

  private static List<UUID> dogsSeenBy(UUID household) {
    return in(household, () -> jdbc.sql("select household_id from dog").query(UUID.class).list());
  }

  private static <T> T in(UUID household, java.util.function.Supplier<T> work) {
    TransactionTemplate plain =
        new TransactionTemplate(
            new JdbcTransactionManager(RunningServer.bean(javax.sql.DataSource.class)));
    return plain.execute(
        status -> {
          jdbc.sql("select set_config('evenlobe.household', ?, true)")
              .param(household.toString())
              .query(String.class)
              .single();
          return work.get();
        });
  }
}
