package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.Eardrum;

/**
 * What is known of one eardrum, from what was said of the dog and what visits saw since (rule
 * CHECK_EARDRUM). Seen intact lapses 12 months after its day, and at once with a sign verdict of
 * STOP or URGENT in that ear after it. What was said of the dog without a day stands until it is
 * corrected.
 */
final class EardrumLine {
  private static final int INTACT_MONTHS = 12;

  private final Eardrum said;
  private EardrumSeen seen = EardrumSeen.NOT_SEEN;
  private LocalDate seenOn = LocalDate.MIN;
  private boolean severeSinceSeen;
  private LocalDate severeOn = LocalDate.MIN;

  EardrumLine(Eardrum said) {
    this.said = said;
  }

  void seen(EardrumSeen eardrum, LocalDate day) {
    if (eardrum != EardrumSeen.NOT_SEEN) {
      seen = eardrum;
      seenOn = day;
      severeSinceSeen = false;
    }
  }

  void severe(LocalDate day) {
    severeSinceSeen = true;
    severeOn = day;
  }

  EardrumKnown on(LocalDate day) {
    return saidLast(day) ? bySaying(day) : bySeeing(day);
  }

  /** The day on which it was seen not intact, where it is not. */
  Optional<LocalDate> notIntactSince(LocalDate day) {
    if (on(day) != EardrumKnown.NOT_INTACT) {
      return Optional.empty();
    }
    return Optional.of(saidLast(day) ? said.on().orElse(day) : seenOn);
  }

  boolean saidLast(LocalDate day) {
    if (said.on().isEmpty()) {
      return said.status() == Eardrum.Status.NOT_INTACT;
    }
    LocalDate saidOn = said.on().get();
    return !saidOn.isAfter(day) && saidOn.isAfter(seenOn);
  }

  private EardrumKnown bySaying(LocalDate day) {
    return switch (said.status()) {
      case NOT_INTACT -> EardrumKnown.NOT_INTACT;
      case NEVER_EXAMINED -> EardrumKnown.NOT_KNOWN;
      case SEEN_INTACT -> {
        LocalDate on = said.on().orElseThrow();
        yield isFresh(on, day) && !severeOn.isAfter(on)
            ? EardrumKnown.INTACT
            : EardrumKnown.NOT_KNOWN;
      }
    };
  }

  private EardrumKnown bySeeing(LocalDate day) {
    return switch (seen) {
      case NOT_INTACT -> EardrumKnown.NOT_INTACT;
      case NOT_SEEN -> EardrumKnown.NOT_KNOWN;
      case INTACT ->
          isFresh(seenOn, day) && !severeSinceSeen ? EardrumKnown.INTACT : EardrumKnown.NOT_KNOWN;
    };
  }

  private static boolean isFresh(LocalDate seen, LocalDate day) {
    return !day.isAfter(seen.plusMonths(INTACT_MONTHS));
  }
}
