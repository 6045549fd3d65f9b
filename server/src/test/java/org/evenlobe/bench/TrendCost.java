package org.evenlobe.bench;

import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.Samples;

/**
 * What the trends of a dog of five years cost, beside a bare endpoint of the same statements and
 * bytes.
 */
final class TrendCost {
  private static final int YEARS = 5;
  private static final int WEEK = 7;
  private static final int FORTNIGHT = 14;
  private static final int BETWEEN_SWIMS = 31;
  private static final int BETWEEN_FLARES = 140;

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);

  PageCost measure() throws IOException {
    fill();
    return PageCost.of(owner, owner.at("/dogs/" + dog + "/trends?from=" + day(YEARS * 365)));
  }

  private Instant at(int daysAgo) {
    return now.minus(daysAgo, ChronoUnit.DAYS);
  }

  private LocalDate day(int daysAgo) {
    return at(daysAgo).atZone(ZoneOffset.UTC).toLocalDate();
  }

  private void fill() {
    for (int ago = YEARS * 365; ago > 0; ago -= WEEK) {
      boolean flare = ago % BETWEEN_FLARES < WEEK;
      put(
          "checks",
          Samples.check(
              dog, at(ago), flare ? Samples.FOUL_EAR : Samples.WAXY_EAR, Samples.QUIET_EAR));
      if (ago % FORTNIGHT < WEEK) {
        put("cleanings", Samples.cleaning(dog, at(ago), 2, 1));
      }
      if (ago % BETWEEN_SWIMS < WEEK) {
        put("exposures", Samples.swim(dog, at(ago), day(ago), day(ago)));
      }
    }
  }

  private void put(String kind, String body) {
    owner.create(owner.at("/" + kind + "/" + UUID.randomUUID()), body);
  }
}
