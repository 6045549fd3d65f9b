package org.evenlobe.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.StatementCount;
import org.evenlobe.server.StatementCount.Sent;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.record.FoldedDogs;

/**
 * What an answer costs beside a bare endpoint of the same statements and bytes, in milliseconds,
 * medians.
 *
 * @param bare the same statements through plain JDBC and the same bytes
 * @param cold where this process keeps nothing
 * @param kept where nothing has changed since
 * @param kilobytes its size
 * @param statements how many it takes
 */
record PageCost(double bare, double cold, double kept, int kilobytes, int statements) {

  static PageCost of(Caller caller, String path) throws IOException {
    byte[] bytes = caller.get(path).body().getBytes(StandardCharsets.UTF_8);
    forget();
    List<Sent> sent = StatementCount.sentDuring(() -> caller.get(path));
    try (BareEndpoint bare = new BareEndpoint(sent, bytes)) {
      List<List<Double>> times =
          InTurn.times(
              List.of(
                  new InTurn.Measured(() -> {}, bare::get),
                  new InTurn.Measured(PageCost::forget, () -> caller.get(path)),
                  new InTurn.Measured(() -> {}, () -> caller.get(path))));
      return new PageCost(
          InTurn.median(times.get(0)),
          InTurn.median(times.get(1)),
          InTurn.median(times.get(2)),
          bytes.length / 1000,
          StatementCount.withoutSessions(sent));
    }
  }

  private static void forget() {
    RunningServer.bean(FoldedDogs.class).forget();
    RunningServer.bean(Plans.class).forget();
  }
}
