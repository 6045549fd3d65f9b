package org.evenlobe.server;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;

/** How many SQL statements the server has sent, from all its threads. */
public final class StatementCount {
  private static final AtomicInteger SENT = new AtomicInteger();

  static final QueryExecutionListener LISTENER =
      new QueryExecutionListener() {
        @Override
        public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
          SENT.addAndGet(queries.size());
        }

        @Override
        public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {}
      };

  private StatementCount() {}

  /** The statements sent while that was done. */
  public static int during(Runnable work) {
    int before = SENT.get();
    work.run();
    return SENT.get() - before;
  }
}
