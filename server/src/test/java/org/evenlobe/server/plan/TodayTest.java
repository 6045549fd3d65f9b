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
    }
  }

  private int statements(String path) {
    return StatementCount.during(() -> assertThat(owner.get(path).status()).isEqualTo(200));
  }

  @Test
  void takesAsManyStatementsForManyDogsAndRecordsAsForOne() {
    addDogWithCleanings(1);
    owner.get(owner.at("/today"));
    int forOne = statements(owner.at("/today"));

    addDogWithCleanings(12);
    addDogWithCleanings(30);

    assertThat(statements(owner.at("/today"))).isEqualTo(forOne).isLessThan(10);
  }

  @Test
  void aDogInFullTakesAsManyStatementsForManyRecordsAsForOne() {
    UUID one = Samples.newDog(owner);
    owner.get(owner.at("/dogs/" + one));
    int forNone = statements(owner.at("/dogs/" + one));
    for (int i = 1; i <= 20; i++) {
      owner.create(
          owner.at("/cleanings/" + UUID.randomUUID()),
          Samples.cleaning(one, Instant.parse("2026-01-01T10:00:00Z").minusSeconds(i), 1, 1));
    }

    assertThat(statements(owner.at("/dogs/" + one))).isEqualTo(forNone).isLessThan(10);
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

    // the second dog joined long ago and was never cleaned; the first, 10 days ago, opens tomorrow
    assertThat(today.get("dogs")).hasSize(2);
    assertThat(today.get("agenda")).hasSize(1);
    assertThat(today.at("/agenda/0/item/standing").asString()).isEqualTo("OVERDUE");
    assertThat(today.at("/agenda/0/item/reasons/0/rule").asString()).isEqualTo("PLAN_FIRST");
  }
}
