package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.Eardrum;

/**
 * What is known of one eardrum, from what was said of the dog and what visits saw since (rule
 * CHECK_EARDRUM). Seen intact stands until a sign verdict of STOP or URGENT in that ear, or 30 days
 * of caution in one flare. What was said of the dog without a day stands until it is corrected.
 */
final class EardrumLine {
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
    return saidLast(day) ? bySaying() : bySeeing();
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

  private EardrumKnown bySaying() {
    return switch (said.status()) {
      case NOT_INTACT -> EardrumKnown.NOT_INTACT;
      case NEVER_EXAMINED -> EardrumKnown.NOT_KNOWN;
      case SEEN_INTACT -> {
        LocalDate on = said.on().orElseThrow();
        yield !severeOn.isAfter(on) ? EardrumKnown.INTACT : EardrumKnown.NOT_KNOWN;
      }
    };
  }

  private EardrumKnown bySeeing() {
    return switch (seen) {
      case NOT_INTACT -> EardrumKnown.NOT_INTACT;
      case NOT_SEEN -> EardrumKnown.NOT_KNOWN;
      case INTACT -> !severeSinceSeen ? EardrumKnown.INTACT : EardrumKnown.NOT_KNOWN;
    };
  }

  /** The last day on which a vet looked at it, as far as is known on a day. */
  Optional<LocalDate> lookedAtOn(LocalDate day) {
    LocalDate on = saidLast(day) ? said.on().orElse(seenOn) : seenOn;
    return on.equals(LocalDate.MIN) ? Optional.empty() : Optional.of(on);
  }

  /** Whether nobody said that it was looked at on that day or since. */
  boolean isNotSaidSince(LocalDate day) {
    return said.on().filter(on -> !on.isBefore(day)).isEmpty();
  }

  /**
   * A stated infection whose month began after it was last seen whole makes that doubtful.
   *
   * @param infected the first day of that month
   */
  EardrumKnown on(LocalDate day, Optional<LocalDate> infected) {
    EardrumKnown known = on(day);
    boolean since =
        known == EardrumKnown.INTACT
            && infected
                .filter(from -> lookedAtOn(day).filter(from::isAfter).isPresent())
                .isPresent();
    return since ? EardrumKnown.NOT_KNOWN : known;
  }
}
