package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Moment;

/**
 * A vet's order for one ear that is in force.
 *
 * @param visit the visit or call at which it was given
 * @param moment when that was
 * @param instruction what was said
 */
public record VetOrder(UUID visit, Moment moment, CleaningInstruction instruction) {
  /** For so many days it covers what the ear shows, the visit's day the first. */
  static final int COVER_DAYS = 28;

  private static final int FIRST_WEEKS_DAYS = 14;
  private static final int OFTEN_DAYS = 3;

  /** The day of that visit: its first. */
  public LocalDate since() {
    return moment.day();
  }

  /** Whether a fact came after it was given. */
  public boolean precedes(Dated fact) {
    int byTime = moment.at().compareTo(fact.at());
    return byTime < 0 || (byTime == 0 && visit.compareTo(fact.id()) < 0);
  }

  /** Whether it stands on a day that is not before the visit. */
  public boolean standsOn(LocalDate day) {
    return instruction.standsOn(day);
  }

  /** Whether it is to clean. */
  public boolean cleans() {
    return instruction.cleans();
  }

  /** What its method puts in. */
  public MayGoIn putsIn() {
    return instruction.method().filter(method -> !method.inCanal()).isPresent()
        ? MayGoIn.WIPE
        : MayGoIn.IN_EAR;
  }

  /** Its first day is 1. */
  long dayNumber(LocalDate day) {
    return ChronoUnit.DAYS.between(since(), day) + 1;
  }

  /** Whether its first two weeks are not over on a day. */
  public boolean isNewOn(LocalDate day) {
    return dayNumber(day) <= FIRST_WEEKS_DAYS;
  }

  /** Whether the ear is looked at each day under it. */
  public boolean isWatchedOn(LocalDate day) {
    return cleans()
        && (isNewOn(day)
            || instruction
                .howOften()
                .filter(often -> often.shortestGap() <= OFTEN_DAYS)
                .isPresent());
  }
}
