package org.evenlobe.server.body;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/**
 * How much of all that is being sent is held at once, in all requests together; and a quarter of
 * that at most for one sender, so that nobody takes the room of all others. What is sent counts for
 * the address that it comes from and for the person who is signed in.
 */
final class HeldMemory {
  private static final long MOST_BYTES = 64_000_000;
  private static final long MOST_OF_ONE = MOST_BYTES / 4;

  private final Map<String, Long> bySender = new HashMap<>();
  private long held;

  /** Takes that many bytes for its senders; false, and none taken, where there is no room. */
  synchronized boolean take(Set<String> senders, long bytes) {
    boolean fits =
        held + bytes <= MOST_BYTES
            && senders.stream().allMatch(one -> of(one) + bytes <= MOST_OF_ONE);
    if (fits) {
      held += bytes;
      senders.forEach(one -> bySender.put(one, of(one) + bytes));
    }
    return fits;
  }

  private long of(String sender) {
    return bySender.getOrDefault(sender, 0L);
  }

  /** How much is held. */
  synchronized long held() {
    return held;
  }

  /** Gives them back. */
  synchronized void giveBack(Set<String> senders, long bytes) {
    held -= bytes;
    senders.forEach(
        one -> bySender.computeIfPresent(one, (who, all) -> all > bytes ? all - bytes : null));
  }
}
