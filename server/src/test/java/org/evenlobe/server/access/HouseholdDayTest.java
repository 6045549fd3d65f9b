package org.evenlobe.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HouseholdDayTest {

  @ParameterizedTest
  @CsvSource({
    // the last minute before the clocks go forward or back, and the first after that midnight
    "2026-03-28T22:59:59Z, Europe/Berlin, 2026-03-28",
    "2026-03-28T23:00:00Z, Europe/Berlin, 2026-03-29",
    "2026-03-29T21:59:59Z, Europe/Berlin, 2026-03-29",
    "2026-03-29T22:00:00Z, Europe/Berlin, 2026-03-30",
    "2026-10-25T22:59:59Z, Europe/Berlin, 2026-10-25",
    "2026-10-25T23:00:00Z, Europe/Berlin, 2026-10-26",
    "2026-11-01T03:59:59Z, America/New_York, 2026-10-31",
    "2026-11-02T04:59:59Z, America/New_York, 2026-11-01",
    "2026-09-26T11:59:59Z, Pacific/Auckland, 2026-09-26",
    "2026-09-27T10:59:59Z, Pacific/Auckland, 2026-09-27",
    "2026-09-27T11:00:00Z, Pacific/Auckland, 2026-09-28"
  })
  void todayTurnsAtTheHouseholdsOwnMidnight(Instant now, ZoneId zone, LocalDate today) {
    HouseholdDay day = new HouseholdDay(mock(Memberships.class), Clock.fixed(now, ZoneOffset.UTC));

    assertThat(day.today(zone)).isEqualTo(today);
  }
}
