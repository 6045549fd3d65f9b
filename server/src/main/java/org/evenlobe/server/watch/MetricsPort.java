package org.evenlobe.server.watch;

import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import io.prometheus.metrics.exporter.httpserver.HTTPServer;
import java.io.IOException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The figures of this process, as Prometheus reads them, on a port of their own: nobody who may
 * call the app gets there, and whoever asks for figures all the time takes none of its threads.
 */
@Configuration
@ConditionalOnExpression("${evenlobe.metrics.port} > 0")
class MetricsPort {
  private static final int WAITING = 8;

  private static final Logger LOG = LoggerFactory.getLogger(MetricsPort.class);

  /** None where somebody else has the port: no figures are no reason to serve nobody. */
  @Bean(destroyMethod = "close")
  @Nullable HTTPServer metricsServer(
      PrometheusMeterRegistry figures,
      @Value("${evenlobe.metrics.address}") String address,
      @Value("${evenlobe.metrics.port}") int port) {
    try {
      return HTTPServer.builder()
          .hostname(address)
          .port(port)
          .executorService(oneThread())
          .registry(figures.getPrometheusRegistry())
          .buildAndStart();
    } catch (IOException taken) {
      LOG.warn("no figures for Prometheus: port {} of {} is not free", port, address);
      return null;
    }
  }

  /** One answer at a time, a few that wait; the rest is dropped. */
  private static ExecutorService oneThread() {
    return new ThreadPoolExecutor(
        1,
        1,
        0,
        TimeUnit.SECONDS,
        new LinkedBlockingQueue<>(WAITING),
        task -> {
          Thread thread = new Thread(task, "metrics");
          thread.setDaemon(true);
          return thread;
        },
        new ThreadPoolExecutor.DiscardPolicy());
  }
}
