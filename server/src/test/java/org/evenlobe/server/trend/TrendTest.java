package org.evenlobe.server.trend;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a dog's record shows over time. */
@ExtendWith(RunningServer.class)
class TrendTest {
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);

  private Instant ago(int days) {
    return now.minus(days, ChronoUnit.DAYS);
  }

  private void check(int daysAgo, String right) {
    owner.create(
        owner.at("/checks/" + UUID.randomUUID()),
        Samples.check(dog, ago(daysAgo), right, Samples.QUIET_EAR));
  }

  private JsonNode trends(String query) {
    return owner.get(owner.at("/dogs/" + dog + "/trends" + query)).json();
  }

  @Test
  void whatAPersonSaysOfATriggerStandsWithIt() {
    check(40, Samples.QUIET_EAR);
    owner.create(
        owner.at("/exposures/" + UUID.randomUUID()),
        Samples.swim(
            dog,
            ago(30),
            ago(30).toString().substring(0, 10),
            ago(30).toString().substring(0, 10)));
    check(1, Samples.QUIET_EAR);
    assertThat(water().get("outcome").asString()).isEqualTo("TOO_FEW");

    owner.create(
        owner.at("/triggers/" + UUID.randomUUID()),
        Samples.said(dog, now, ", \"trigger\": \"WATER\", \"follows\": true"));

    assertThat(water().get("said").asBoolean()).isTrue();
  }

  private JsonNode water() {
    return trends("")
        .get("follows")
        .valueStream()
        .filter(one -> one.get("trigger").asString().equals("WATER"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aTimeIsAskedForAndBoundedByTheRecord() {
    check(40, Samples.WAXY_EAR);
    check(2, Samples.QUIET_EAR);
    String from = ago(10).toString().substring(0, 10);

    assertThat(trends("").get("marks").get("checks")).hasSize(2);
    assertThat(trends("?from=" + from).get("marks").get("checks")).hasSize(1);
    assertThat(trends("?from=2000-01-01&to=" + from).get("from").asString()).isGreaterThan("2025");
    assertThat(
            owner
                .get(owner.at("/dogs/" + dog + "/trends?from=2026-02-02&to=2026-02-01"))
                .refusedFields())
        .containsExactly("from");
    assertThat(
            owner
                .get(
                    owner.at(
                        "/dogs/"
                            + dog
                            + "/compared?beforeFrom=2026-01-01&beforeTo=2026-01-20"
                            + "&afterFrom=2026-02-02&afterTo=2026-02-01"))
                .refusedFields())
        .containsExactly("afterFrom");
  }

  @Test
  void itsStatementsAreAsManyHoweverMuchIsOnRecord() {
    check(40, Samples.QUIET_EAR);
    int few = StatementCount.during(() -> trends(""));
    for (int day = 1; day < 30; day++) {
      check(day, Samples.WAXY_EAR);
      Samples.newDog(owner);
    }

    assertThat(StatementCount.during(() -> trends(""))).isEqualTo(few);
  }
}
