package org.evenlobe.server.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Who may make an account here. */
@Component
class Registration {
  private final boolean isOpen;
  private final JdbcClient jdbc;

  Registration(@Value("${evenlobe.registration}") String how, JdbcClient jdbc) {
    if (!how.equals("open") && !how.equals("invited")) {
      throw new IllegalArgumentException("evenlobe.registration is open or invited, not " + how);
    }
    this.isOpen = how.equals("open");
    this.jdbc = jdbc;
  }

  /** Who may. */
  enum Who {
    EVERYBODY,
    /** Nobody has an account yet: whoever comes first. */
    THE_FIRST,
    /** Only who holds the link of an invitation. */
    INVITED
  }

  Who who() {
    if (isOpen) {
      return Who.EVERYBODY;
    }
    boolean somebody = jdbc.sql("select exists (select from person)").query(Boolean.class).single();
    return somebody ? Who.INVITED : Who.THE_FIRST;
  }

  /** The same, where two who come first at once wait for each other until the transaction ends. */
  Who whoInTurn() {
    if (!isOpen) {
      jdbc.sql("select pg_advisory_xact_lock(hashtext('evenlobe.registration'))")
          .query((row, n) -> 0)
          .single();
    }
    return who();
  }
}
