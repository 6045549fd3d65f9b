package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import org.evenlobe.core.record.CheckRecord;

/**
 * The tries at which one ear could not be looked into (rule CHECK_NOT_SEEN), since it was seen
 * last. One refused try of an ear that was not quiet, is held or is under a vet's care presses; so
 * many days of tries without a look, {@value #DAYS_TO_A_VISIT}, ask for a groomer or a vet.
 */
final class UnseenLine {
  private static final int DAYS_TO_A_VISIT = 3;

  private final TreeSet<LocalDate> tries = new TreeSet<>();
  private Optional<UUID> first = Optional.empty();
  private boolean presses;

  /** Takes a try that failed; whether it presses. */
  void take(CheckRecord check, boolean pressing) {
    tries.add(check.day());
    first = first.or(() -> Optional.of(check.id()));
    presses |= pressing;
  }

  /** Somebody has looked. */
  void seen() {
    tries.clear();
    first = Optional.empty();
    presses = false;
  }

  /** How it stands; empty where it could be looked into at the last try. */
  Optional<Unseen> now() {
    return first.map(
        check ->
            new Unseen(
                check, tries.first(), tries.last(), presses, tries.size() >= DAYS_TO_A_VISIT));
  }
}
