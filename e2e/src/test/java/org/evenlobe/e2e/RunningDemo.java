package org.evenlobe.e2e;

import com.microsoft.playwright.Browser;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Starts the demo and a browser once for all tests, and stops both at the end. */
public final class RunningDemo implements BeforeAllCallback {
  private static Demo demo;
  private static Chromium chromium;

  @Override
  public void beforeAll(ExtensionContext test) {
    test.getRoot()
        .getStore(ExtensionContext.Namespace.GLOBAL)
        .getOrComputeIfAbsent(RunningDemo.class, key -> start(), AutoCloseable.class);
  }

  private static AutoCloseable start() {
    Path state = Path.of("target/state").toAbsolutePath();
    demo = Demo.start("bin/demo", state, Map.of("PORT", "8530", "PG_FAST", "1"), "--fresh");
    chromium = new Chromium();
    return () -> {
      chromium.close();
      demo.close();
      Demo.script("bin/database", state.resolve("demo"), "destroy");
    };
  }

  static Demo demo() {
    return demo;
  }

  static Browser browser() {
    return chromium.browser();
  }
}
