package org.evenlobe.server.exchange;

import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Component;

/**
 * A table holds a connection to the database while its lines are judged: one at a time in a
 * process, and one of a person, so that nobody else waits for a connection.
 */
@Component
class TableTurns {
  private final Semaphore oneAtATime = new Semaphore(1);
  private final Set<UUID> people = ConcurrentHashMap.newKeySet();

  /**
   * Does it now, or not at all.
   *
   * @throws Refusal 503 if others are at it, or this person is already
   */
  <T> T inTurn(Supplier<T> work) {
    UUID person = CurrentMember.get().person();
    if (!people.add(person)) {
      throw Refusal.busy();
    }
    try {
      if (!oneAtATime.tryAcquire()) {
        throw Refusal.busy();
      }
      try {
        return work.get();
      } finally {
        oneAtATime.release();
      }
    } finally {
      people.remove(person);
    }
  }
}
