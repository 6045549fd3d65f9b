package org.evenlobe.server.account;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.stereotype.Component;

/** What day it is where the current household lives. */
@Component
public class HouseholdDay {
  private final Accounts accounts;
  private final Clock clock;

  HouseholdDay(Accounts accounts, Clock clock) {
    this.accounts = accounts;
    this.clock = clock;
  }

  /** The household's zone. */
  public ZoneId zone() {
    return accounts.zone();
  }

  /** Today's date in the household's zone. */
  public LocalDate today() {
    return today(zone());
  }

  /** Today's date in a zone. */
  public LocalDate today(ZoneId zone) {
    return LocalDate.now(clock.withZone(zone));
  }

  /** The present instant. */
  public Instant now() {
    return clock.instant();
  }
}
