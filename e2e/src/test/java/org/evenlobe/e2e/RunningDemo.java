package org.evenlobe.e2e;

import com.microsoft.playwright.Browser;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Starts the demo once for all tests and a browser for each thread, and stops them at the end. */
public final class RunningDemo implements BeforeAllCallback {
  private static final Path STATE = Path.of("target/state").toAbsolutePath();
  private static final int MOST_TRIES = 600;
  private static final long PAUSE_NANOS = 200_000_000;
  private static Demo demo;

  /** Each thread drives a browser of its own. */
  private static final Queue<Chromium> BROWSERS = new ConcurrentLinkedQueue<>();

  private static final ThreadLocal<Chromium> OWN = ThreadLocal.withInitial(RunningDemo::launched);

  @Override
  public void beforeAll(ExtensionContext test) {
    test.getRoot()
        .getStore(ExtensionContext.Namespace.GLOBAL)
        .getOrComputeIfAbsent(RunningDemo.class, key -> start(), AutoCloseable.class);
  }

  private static AutoCloseable start() {
    demo = Demo.start("bin/demo", STATE, Map.of("PORT", "8530", "PG_FAST", "1"), "--fresh");
    return () -> {
      BROWSERS.forEach(Chromium::close);
      demo.close();
      Demo.script("bin/database", STATE.resolve("demo"), "destroy");
    };
  }

  /** A second server process behind the demo's database. */
  static Demo.Server anotherServer() {
    return Demo.another(STATE.resolve("demo"), 8545);
  }

  /** Stops or starts the demo's database under its server. */
  static void database(String command) {
    Demo.script("bin/database", STATE.resolve("demo"), command);
  }

  /** Waits until a server answers. */
  static void await(String address) {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + "/actuator/health/readiness")).build();
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      try {
        if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
          return;
        }
      } catch (IOException notYet) {
        // not listening yet
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
      LockSupport.parkNanos(PAUSE_NANOS);
    }
    throw new IllegalStateException(address + " does not answer");
  }

  static Demo demo() {
    return demo;
  }

  private static Chromium launched() {
    Chromium chromium = new Chromium();
    BROWSERS.add(chromium);
    return chromium;
  }

  static Browser browser() {
    return OWN.get().browser();
  }
}
