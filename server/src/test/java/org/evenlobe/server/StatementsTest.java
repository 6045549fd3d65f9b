package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Every statement about a household's rows names the household, so that a database which is spread
 * over machines by that column sends each to one of them. Read off what the database was sent while
 * every endpoint was called.
 */
@ExtendWith(RunningServer.class)
class StatementsTest {
  private static final Pattern TABLE =
      Pattern.compile("\\b(?:from|join|into|update)\\s+(?:public\\.)?([a-z_]+)");

  /** Asked before a household is known: by person, or by the hash of a link's token. */
  private static final Set<String> BEFORE =
      Set.of("membership", "invite", "calendar_link", "shared_link");

  private static Set<String> householdTables() {
    return Set.copyOf(
        JdbcClient.create(RunningServer.ownerSource())
            .sql(
                """
                select table_name from information_schema.columns
                where table_schema = 'public' and column_name = 'household_id'
                """)
            .query(String.class)
            .list());
  }

  private static Set<String> tables(String sql) {
    return TABLE
        .matcher(sql)
        .results()
        .map((MatchResult found) -> found.group(1))
        .collect(Collectors.toSet());
  }

  private static boolean names(StatementCount.Sent sent, String household) {
    return sent.parameters().stream()
        .anyMatch(set -> String.valueOf(set.getArgs()[1]).contains(household));
  }

  @Test
  void everyStatementAboutAHouseholdsRowsNamesTheHousehold() {
    IsolationTest.fill();
    Caller owner = IsolationTest.owner();
    Set<String> tables = householdTables();
    List<String> wrong = new ArrayList<>();
    int seen = 0;
    for (IsolationTest.Endpoint endpoint : IsolationTest.endpoints().toList()) {
      for (StatementCount.Sent sent :
          StatementCount.sentDuring(() -> IsolationTest.call(owner, endpoint, owner.household()))) {
        String sql = sent.sql().toLowerCase(Locale.ROOT);
        Set<String> touched = tables(sql);
        touched.retainAll(tables);
        boolean before = BEFORE.containsAll(touched);
        if (!touched.isEmpty() && !before) {
          seen++;
          boolean named = sql.contains("household_id") || sql.startsWith("insert");
          if (!named || !names(sent, owner.household().toString())) {
            wrong.add(endpoint + ": " + sent.sql());
          }
        }
      }
    }

    assertThat(wrong).isEmpty();
    assertThat(seen).isGreaterThan(IsolationTest.endpoints().toList().size());
  }
}
