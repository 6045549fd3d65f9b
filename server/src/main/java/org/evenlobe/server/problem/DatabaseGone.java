package org.evenlobe.server.problem;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;

/** Tells a database that cannot be reached from everything else that may fail. */
final class DatabaseGone {
  private static final String CONNECTION_STATES = "08";
  private static final String SHUTTING_DOWN_STATES = "57P";
  private static final String CLOSED_BY_THE_POOL = "Connection is closed";
  private static final String TOO_MANY_CONNECTIONS = "53300";

  private DatabaseGone() {}

  /** Whether that failure comes from a connection that broke or could not be had. */
  static boolean isCauseOf(Throwable failure) {
    for (Throwable at = failure; at != null; at = at.getCause()) {
      if (at instanceof SQLTransientConnectionException
          || at instanceof SQLNonTransientConnectionException
          || (at instanceof SQLException sql && isGone(sql))) {
        return true;
      }
    }
    return false;
  }

  private static boolean isGone(SQLException failure) {
    String state = failure.getSQLState();
    return state == null
        ? CLOSED_BY_THE_POOL.equals(failure.getMessage())
        : state.startsWith(CONNECTION_STATES)
            || state.startsWith(SHUTTING_DOWN_STATES)
            || state.equals(TOO_MANY_CONNECTIONS);
  }
}
