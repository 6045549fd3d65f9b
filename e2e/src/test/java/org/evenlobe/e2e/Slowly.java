package org.evenlobe.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;

/** A page whose answers take their time, and what moves on it while they come. */
final class Slowly {
  private static final int LATENCY_MS = 150;

  /** How much moved without anybody having touched anything, as the browser counts it. */
  private static final String MOVED =
      """
      () => new Promise((done) => {
        let sum = 0;
        new PerformanceObserver((list) => {
          for (const shift of list.getEntries()) if (!shift.hadRecentInput) sum += shift.value;
        }).observe({ type: 'layout-shift', buffered: true });
        setTimeout(() => done(Math.round(1000 * sum)), 300);
      })""";

  private Slowly() {}

  /** Lets every answer take its time, so that what comes later comes visibly later. */
  static void answered(Page page) {
    JsonObject line = new JsonObject();
    line.addProperty("offline", false);
    line.addProperty("latency", LATENCY_MS);
    line.addProperty("downloadThroughput", -1);
    line.addProperty("uploadThroughput", -1);
    page.context().newCDPSession(page).send("Network.emulateNetworkConditions", line);
  }

  /** What moved since it was opened, in thousandths of the window. */
  static int moved(Page page) {
    return ((Number) page.evaluate(MOVED)).intValue();
  }
}
