package org.evenlobe.server.access;

import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.distributed.proxy.ClientSideConfig;
import io.github.bucket4j.distributed.proxy.generic.compare_and_swap.AbstractCompareAndSwapBasedProxyManager;
import io.github.bucket4j.distributed.proxy.generic.compare_and_swap.AsyncCompareAndSwapOperation;
import io.github.bucket4j.distributed.proxy.generic.compare_and_swap.CompareAndSwapOperation;
import io.github.bucket4j.distributed.remote.RemoteBucketState;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * How often something may be tried. Buckets live in PostgreSQL, so that all server processes count
 * together.
 */
@Service
public class RateLimits {
  private final JdbcClient jdbc;
  private final Buckets buckets;

  RateLimits(JdbcClient jdbc) {
    this.jdbc = jdbc;
    this.buckets = new Buckets(jdbc);
  }

  /** Counts a try; false if there have been too many. */
  public boolean allows(String key, int tries, Duration in) {
    BucketConfiguration limit =
        BucketConfiguration.builder()
            .addLimit(bandwidth -> bandwidth.capacity(tries).refillGreedy(tries, in))
            .build();
    return buckets.builder().build(key, () -> limit).tryConsume(1);
  }

  /** Forgets buckets that nobody has touched for a day. */
  @Scheduled(fixedDelay = 6, timeUnit = java.util.concurrent.TimeUnit.HOURS)
  void forget() {
    jdbc.sql("delete from rate_limit where touched_at < now() - interval '1 day'").update();
  }

  private static final class Buckets extends AbstractCompareAndSwapBasedProxyManager<String> {
    private final JdbcClient jdbc;

    Buckets(JdbcClient jdbc) {
      super(ClientSideConfig.getDefault());
      this.jdbc = jdbc;
    }

    @Override
    protected CompareAndSwapOperation beginCompareAndSwapOperation(String key) {
      return new CompareAndSwapOperation() {
        @Override
        public Optional<byte[]> getStateData(Optional<Long> timeout) {
          return jdbc.sql("select state from rate_limit where key = ?")
              .param(key)
              .query(byte[].class)
              .optional();
        }

        @Override
        public boolean compareAndSwap(
            byte[] before, byte[] after, RemoteBucketState state, Optional<Long> timeout) {
          return before == null ? insert(key, after) : swap(key, before, after);
        }
      };
    }

    private boolean insert(String key, byte[] state) {
      return jdbc.sql("insert into rate_limit values (?, ?, now()) on conflict (key) do nothing")
              .params(key, state)
              .update()
          == 1;
    }

    private boolean swap(String key, byte[] before, byte[] after) {
      return jdbc.sql(
                  """
                  update rate_limit set state = ?, touched_at = now()
                  where key = ? and state = ?
                  """)
              .params(after, key, before)
              .update()
          == 1;
    }

    @Override
    public void removeProxy(String key) {
      jdbc.sql("delete from rate_limit where key = ?").param(key).update();
    }

    @Override
    public boolean isAsyncModeSupported() {
      return false;
    }

    @Override
    protected AsyncCompareAndSwapOperation beginAsyncCompareAndSwapOperation(String key) {
      throw new UnsupportedOperationException("buckets are asked one by one");
    }

    @Override
    protected CompletableFuture<Void> removeAsync(String key) {
      throw new UnsupportedOperationException("buckets are asked one by one");
    }
  }
}
