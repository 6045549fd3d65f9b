package org.evenlobe.server;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.proxy.ParameterSetOperation;

/** Which SQL statements the server has sent, from all its threads. */
public final class StatementCount {
  private static final List<Sent> SENT = new CopyOnWriteArrayList<>();

  /**
   * A statement.
   *
   * @param sql its text
   * @param parameters what was set in it
   */
  public record Sent(String sql, List<ParameterSetOperation> parameters) {}

  static final QueryExecutionListener LISTENER =
      new QueryExecutionListener() {
        @Override
        public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
          for (QueryInfo query : queries) {
            SENT.add(
                new Sent(
                    query.getQuery(),
                    query.getParametersList().stream().flatMap(List::stream).toList()));
          }
        }

        @Override
        public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {}
      };

  private StatementCount() {}

  /**
   * How many statements were sent while that was done. Those that keep the session are left out:
   * the server may send them after it has answered.
   */
  public static int during(Runnable work) {
    return withoutSessions(sentDuring(work));
  }

  /** How many of them are about something else than the session. */
  public static int withoutSessions(List<Sent> sent) {
    return (int) sent.stream().filter(one -> !one.sql().contains("SPRING_SESSION")).count();
  }

  /** The statements sent while that was done. */
  public static List<Sent> sentDuring(Runnable work) {
    SENT.clear();
    work.run();
    return List.copyOf(SENT);
  }
}
