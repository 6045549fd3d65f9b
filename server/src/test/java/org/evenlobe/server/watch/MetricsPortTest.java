package org.evenlobe.server.watch;

import static org.assertj.core.api.Assertions.assertThat;

import io.micrometer.prometheusmetrics.PrometheusConfig;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

/** The figures of a process, on a port of their own. */
@ExtendWith(RunningServer.class)
class MetricsPortTest {
  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  @Test
  void tellsItsFiguresThereAndNowhereElseAndTenAtOnceHoldUpNobody() throws Exception {
    int port = freePort();
    try (ConfigurableApplicationContext server =
        RunningServer.second(
            Map.of("EVENLOBE_METRICS_PORT", Integer.toString(port), "EVENLOBE_JOBS", "false"))) {
      String app = "http://127.0.0.1:" + server.getEnvironment().getProperty("local.server.port");
      Caller owner = Caller.newOwner(app);
      HttpRequest ask =
          HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/metrics")).build();
      HttpClient client = HttpClient.newHttpClient();

      String figures = client.send(ask, HttpResponse.BodyHandlers.ofString()).body();

      assertThat(figures)
          .contains("hikaricp_connections_active")
          .contains("jvm_memory_used_bytes")
          .contains("evenlobe_bodies_held_bytes 0")
          .contains("evenlobe_mails_waiting")
          .contains("evenlobe_jobs_late")
          .contains("evenlobe_changes_total")
          .contains("http_server_requests_seconds_count")
          // by their patterns: no id of a household, dog or person is a figure's name
          .doesNotContain(owner.household().toString());
      assertThat(Caller.signedOut().get("/actuator/prometheus").status()).isEqualTo(401);
      assertThat(owner.get("/actuator/prometheus").status()).isEqualTo(404);

      List<CompletableFuture<HttpResponse<String>>> ten =
          IntStream.range(0, 10)
              .mapToObj(n -> client.sendAsync(ask, HttpResponse.BodyHandlers.ofString()))
              .toList();
      assertThat(owner.get(owner.at("/today")).status()).isEqualTo(200);
      ten.forEach(one -> one.cancel(true));
    }
  }

  @Test
  void aPortThatIsTakenKeepsNobodyOut() throws IOException {
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      assertThat(
              new MetricsPort()
                  .metricsServer(
                      new PrometheusMeterRegistry(PrometheusConfig.DEFAULT),
                      "127.0.0.1",
                      taken.getLocalPort()))
          .isNull();
    }
  }
}
