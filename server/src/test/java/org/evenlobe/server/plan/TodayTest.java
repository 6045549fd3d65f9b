package org.evenlobe.server.plan;

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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class TodayTest {
  private final Caller owner = Caller.newOwner();

  private void addDogWithCleanings(int number) {
    UUID dog = Samples.newDog(owner);
    for (int i = 1; i <= number; i++) {
      Instant at = Instant.now().minus(10L * i, ChronoUnit.DAYS).truncatedTo(ChronoUnit.SECONDS);
      owner.create(
          owner.at("/cleanings/" + UUID.randomUUID()), Samples.cleaning(dog, at, i % 5, 2));
      owner.create(
          owner.at("/checks/" + UUID.randomUUID()),
          Samples.check(dog, at, Samples.QUIET_EAR, Samples.QUIET_EAR));
      owner.create(
          owner.at("/visits/" + UUID.randomUUID()),
          Samples.visit(dog, at, Samples.SEEN_EAR, Samples.SEEN_EAR));
    }
  }

  private int statements(String path) {
    return StatementCount.during(() -> assertThat(owner.get(path).status()).isEqualTo(200));
  }

  @Test
  void takesAsManyStatementsForManyDogsAndRecordsAsForOne() {
    addDogWithCleanings(1);
    int forOne = statements(owner.at("/today"));

    addDogWithCleanings(12);
    addDogWithCleanings(30);

    assertThat(statements(owner.at("/today"))).isEqualTo(forOne).isLessThan(17);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "/tabs/record", "/tabs/checks", "/tabs/visits", "/tabs/water", "/tabs/inside"})
  void aDogTakesAsManyStatementsForManyRecordsAsForOne(String part) {
    UUID one = Samples.newDog(owner);
    int forNone = statements(owner.at("/dogs/" + one + part));
    for (int i = 1; i <= 20; i++) {
      owner.create(
          owner.at("/cleanings/" + UUID.randomUUID()),
          Samples.cleaning(one, Instant.parse("2026-01-01T10:00:00Z").minusSeconds(i), 1, 1));
    }

    assertThat(statements(owner.at("/dogs/" + one + part))).isEqualTo(forNone).isLessThan(20);
  }

  @Test
  void writingTakesAFixedNumberOfStatements() {
    UUID dog = Samples.newDog(owner);
    String body = Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 1);
    int first =
        StatementCount.during(
            () -> owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body));
    addDogWithCleanings(10);

    assertThat(
            StatementCount.during(
                () -> owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body)))
        .isEqualTo(first)
        .isLessThan(16);
  }

  @Test
  void saysWhatToDoMostPressingFirst() {
    addDogWithCleanings(1);
    Samples.newDog(owner);

    JsonNode today = owner.get(owner.at("/today")).json();

    // the second dog joined long ago, was never looked at and never cleaned; the first was 10 days
    // ago: its check is overdue, its cleaning opens tomorrow
    assertThat(today.get("dogs")).hasSize(2);
    assertThat(today.get("agenda"))
        .extracting(line -> line.at("/item/kind").asString())
        .containsExactly("CHECK", "CLEAN", "CHECK");
    assertThat(today.at("/agenda/1/item/standing").asString()).isEqualTo("OVERDUE");
    assertThat(today.at("/agenda/1/item/reasons/0/rule").asString()).isEqualTo("PLAN_FIRST");
  }
}
