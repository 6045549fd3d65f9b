package org.evenlobe.server.course;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Who gave doses, by name: those who have left the household too. */
@Component
public class Givers {
  private final JdbcClient jdbc;

  Givers(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** The names of those people. */
  public Map<UUID, String> names(Collection<UUID> people) {
    Map<UUID, String> names = new HashMap<>();
    jdbc.sql("select id, name from person where id = any (?)")
        .param(people.toArray(UUID[]::new))
        .query(
            row -> {
              names.put(row.getObject("id", UUID.class), row.getString("name"));
            });
    return names;
  }
}
