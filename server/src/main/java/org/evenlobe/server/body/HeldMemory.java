package org.evenlobe.server.body;

import java.util.concurrent.atomic.AtomicLong;

/** How much of all that is being sent is held at once, in all requests together. */
final class HeldMemory {
  private static final long MOST_BYTES = 64_000_000;

  private final AtomicLong held = new AtomicLong();

  /** Takes that many bytes; false, and none taken, where there is no room. */
  boolean take(long bytes) {
    if (held.addAndGet(bytes) <= MOST_BYTES) {
      return true;
    }
    held.addAndGet(-bytes);
    return false;
  }

  /** Gives them back. */
  void giveBack(long bytes) {
    held.addAndGet(-bytes);
  }
}
