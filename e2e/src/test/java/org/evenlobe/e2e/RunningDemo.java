package org.evenlobe.e2e;

import com.microsoft.playwright.Browser;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Starts the demo and a browser once for all tests, and stops both at the end. */
public final class RunningDemo implements BeforeAllCallback {
  private static final Path STATE = Path.of("target/state").toAbsolutePath();
  private static final int MOST_TRIES = 600;
  private static final long PAUSE_NANOS = 200_000_000;
  private static Demo demo;
  private static Chromium chromium;

  @Override
  public void beforeAll(ExtensionContext test) {
    test.getRoot()
        .getStore(ExtensionContext.Namespace.GLOBAL)
        .getOrComputeIfAbsent(RunningDemo.class, key -> start(), AutoCloseable.class);
  }

  private static AutoCloseable start() {
    demo = Demo.start("bin/demo", STATE, Map.of("PORT", "8530", "PG_FAST", "1"), "--fresh");
    chromium = new Chromium();
    return () -> {
      chromium.close();
      demo.close();
      Demo.script("bin/database", STATE.resolve("demo"), "destroy");
    };
  }

  /** A second server process behind the demo's database. */
  static Demo.Server anotherServer() {
    return Demo.another(STATE.resolve("demo"), 8545, Map.of());
  }

  /** One whose clock stands still at that instant. */
  static Demo.Server serverAt(Instant now) {
    Demo.Server server =
        Demo.another(STATE.resolve("demo"), 8546, Map.of("EVENLOBE_NOW", now.toString()));
    await(server.address());
    return server;
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

  static Browser browser() {
    return chromium.browser();
  }
}
