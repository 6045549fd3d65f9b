package org.evenlobe.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A connection that breaks is one request's trouble, never its thread's from then on. */
@ExtendWith(RunningServer.class)
class BrokenConnectionsTest {
  private static final int READERS = 16;
  private static final int BREAKS = 14;
  private static final int AFTERWARDS = 160;

  private static void breakAll() {
    JdbcClient.create(RunningServer.ownerSource())
        .sql(
            """
            select count(pg_terminate_backend(pid, 1000)) from pg_stat_activity
            where usename = 'evenlobe_app'
            """)
        .query(Long.class)
        .single();
  }

  @Test
  void healsOnceTheDatabaseIsThereAgain() throws Exception {
    RunningServer.letOwnerEndConnections();
    Caller owner = Caller.newOwner();
    String today = owner.at("/today");
    AtomicBoolean breaking = new AtomicBoolean(true);
    ExecutorService readers = Executors.newFixedThreadPool(READERS);
    try {
      Callable<Void> read =
          () -> {
            while (breaking.get()) {
              Caller.Answer answer = owner.get(today);
              assertThat(answer.status()).as(answer.body()).isIn(200, 503);
            }
            return null;
          };
      List<Future<Void>> running =
          IntStream.range(0, READERS).mapToObj(n -> readers.submit(read)).toList();
      for (int n = 0; n < BREAKS; n++) {
        Thread.sleep(150);
        breakAll();
      }
      breaking.set(false);
      for (Future<Void> one : running) {
        one.get();
      }
      // the pool finds out which of its connections are broken as they are asked for
      for (int n = 0; n < READERS && owner.get(today).status() != 200; n++) {
        Thread.sleep(50);
      }

      List<Future<Integer>> after =
          IntStream.range(0, AFTERWARDS)
              .mapToObj(n -> readers.submit(() -> owner.get(today).status()))
              .toList();
      for (Future<Integer> status : after) {
        assertThat(status.get()).isEqualTo(200);
      }
    } finally {
      readers.shutdownNow();
    }
  }
}
