package org.evenlobe.server.body;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;

/**
 * How much a request may carry, and how long it may take to send it.
 *
 * @param bytes at most that many
 * @param words the same for a person
 * @param within from the first byte to the last
 */
record BodyLimit(int bytes, String words, Duration within) {
  /** What anybody may send: enough to sign in. */
  static final BodyLimit SIGNED_OUT = new BodyLimit(2_000, "2 kB", Duration.ofSeconds(10));

  private static final BodyLimit RECORD = new BodyLimit(64_000, "64 kB", Duration.ofSeconds(20));
  private static final BodyLimit CALENDAR =
      new BodyLimit(300_000, "300 kB", Duration.ofSeconds(30));
  private static final BodyLimit TABLE = new BodyLimit(4_000_000, "4 MB", Duration.ofMinutes(1));
  private static final BodyLimit FILE = new BodyLimit(8_000_000, "8 MB", Duration.ofMinutes(2));
  private static final BodyLimit PHOTO = new BodyLimit(15_000_000, "15 MB", Duration.ofMinutes(2));
  private static final String IMAGES_PATH = "/images/";
  private static final String CALENDAR_PATH = "/previews/appointments";

  /** What somebody who is signed in may send with that request. */
  static BodyLimit of(HttpServletRequest request) {
    String type = String.valueOf(request.getHeader(HttpHeaders.CONTENT_TYPE));
    if (type.startsWith("application/zip")) {
      return FILE;
    }
    if (type.startsWith("text/csv")) {
      return TABLE;
    }
    if (type.startsWith("image/") || type.startsWith(MediaType.APPLICATION_PDF_VALUE)) {
      return request.getRequestURI().contains(IMAGES_PATH) ? PHOTO : FILE;
    }
    return request.getRequestURI().endsWith(CALENDAR_PATH) ? CALENDAR : RECORD;
  }
}
