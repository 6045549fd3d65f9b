package org.evenlobe.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class RateLimitsTest {
  private final RateLimits limits = RunningServer.bean(RateLimits.class);
  private final String key = "test " + UUID.randomUUID();

  private boolean tries(String whose) {
    return limits.allows(whose, 3, Duration.ofHours(1));
  }

  @Test
  void allowsSoManyTriesAndNoMore() {
    assertThat(IntStream.range(0, 5).mapToObj(i -> tries(key)))
        .containsExactly(true, true, true, false, false);
  }

  @Test
  void countsEachKeyByItself() {
    IntStream.range(0, 5).forEach(i -> tries(key));

    assertThat(tries(key + " another")).isTrue();
  }

  @Test
  void countsTriesAtOnceOneByOne() {
    long allowed =
        IntStream.range(0, 12)
            .mapToObj(i -> CompletableFuture.supplyAsync(() -> tries(key)))
            .toList()
            .stream()
            .filter(CompletableFuture::join)
            .count();

    assertThat(allowed).isEqualTo(3);
  }
}
