package org.evenlobe.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What day it is where the current household lives. */
@Component
public class HouseholdDay {
  private static final Duration CLOCK_SKEW = Duration.ofMinutes(5);

  private final Memberships memberships;
  private final Clock clock;

  HouseholdDay(Memberships memberships, Clock clock) {
    this.memberships = memberships;
    this.clock = clock;
  }

  /** The household's zone. */
  @Transactional(readOnly = true)
  public ZoneId zone() {
    return memberships.zone();
  }

  /** Today's date in the household's zone. */
  @Transactional(readOnly = true)
  public LocalDate today() {
    return today(zone());
  }

  /** Today's date in a zone. */
  public LocalDate today(ZoneId zone) {
    return LocalDate.now(clock.withZone(zone));
  }

  /**
   * The latest instant that may be said to have been: a phone's clock may be ahead by that much.
   */
  public Instant latest() {
    return now().plus(CLOCK_SKEW);
  }

  /** The present instant. */
  public Instant now() {
    return clock.instant();
  }
}
