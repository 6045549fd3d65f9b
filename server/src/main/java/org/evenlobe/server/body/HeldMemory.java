package org.evenlobe.server.body;

import java.util.HashMap;
import java.util.Map;

/**
 * How much of all that is being sent is held at once, in all requests together; and a quarter of
 * that at most for one sender, so that nobody takes the room of all others.
 */
final class HeldMemory {
  private static final long MOST_BYTES = 64_000_000;
  private static final long MOST_OF_ONE = MOST_BYTES / 4;

  private final Map<String, Long> bySender = new HashMap<>();
  private long held;

  /** Takes that many bytes for a sender; false, and none taken, where there is no room. */
  synchronized boolean take(String sender, long bytes) {
    long ofOne = bySender.getOrDefault(sender, 0L) + bytes;
    if (held + bytes > MOST_BYTES || ofOne > MOST_OF_ONE) {
      return false;
    }
    held += bytes;
    bySender.put(sender, ofOne);
    return true;
  }

  /** Gives them back. */
  synchronized void giveBack(String sender, long bytes) {
    held -= bytes;
    bySender.computeIfPresent(sender, (who, all) -> all > bytes ? all - bytes : null);
  }
}
