package org.evenlobe.server.problem;

import java.security.SecureRandom;
import java.util.HexFormat;
import org.slf4j.MDC;

/**
 * Names a request: in its answer, in a problem that it meets and in every line of the log that it
 * writes. It is made here; what a caller sends is never written anywhere.
 */
final class RequestId {
  /** The header of every answer. */
  static final String HEADER = "X-Request-Id";

  /** The field of a problem, and the name in the log. */
  static final String NAME = "request";

  private static final int BYTES = 8;
  private static final SecureRandom RANDOM = new SecureRandom();

  private RequestId() {}

  /** The present request's; what no request is known of gets one of its own. */
  static String current() {
    String id = MDC.get(NAME);
    return id == null ? fresh() : id;
  }

  /** Begins another request. */
  static String begin() {
    String id = fresh();
    MDC.put(NAME, id);
    return id;
  }

  private static String fresh() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return HexFormat.of().formatHex(bytes);
  }

  /** Goes on with a request in another thread. */
  static void goOn(String id) {
    MDC.put(NAME, id);
  }

  /** The request has ended. */
  static void end() {
    MDC.remove(NAME);
  }
}
