package org.evenlobe.server.exposure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ExposureTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = LocalDate.now(ZoneId.of("Europe/Berlin"));
  private final Caller owner = Caller.newOwner();
  private final UUID dog = UUID.randomUUID();
  private final String path = owner.at("/exposures/" + UUID.randomUUID());

  ExposureTest() {
    String sensitive =
        Samples.dog().replace("\"lightCoat\"", "\"waterSensitive\": true, \"lightCoat\"");
    assertThat(owner.create(owner.at("/dogs/" + dog), sensitive).status()).isEqualTo(200);
  }

  private JsonNode inFull() {
    return owner.get(owner.at("/dogs/" + dog)).json();
  }

  @Test
  void isKeptAndWatchedAfterwardsUntilItIsTakenBack() {
    String body = Samples.swim(dog, now, today.minusDays(1), today);
    assertThat(owner.create(path, body).status()).isEqualTo(200);

    assertThat(inFull().at("/exposures/0/kind").asString()).isEqualTo("SWIM");
    assertThat(inFull().at("/plan/items").toString())
        .contains("WATCH")
        .contains("7 days after its ears were wet over 2 days");

    assertThat(owner.delete(path, 1).status()).isEqualTo(200);
    assertThat(inFull().at("/plan/items").toString()).doesNotContain("WATCH");
  }

  @ParameterizedTest
  @CsvSource({"0, 1, lastDay", "0, -1, lastDay", "-31, 0, firstDay"})
  void refusesDaysThatCannotBe(int first, int last, String field) {
    String body = Samples.swim(dog, now, today.plusDays(first), today.plusDays(last));

    Caller.Answer answer = owner.create(path, body);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly(field);
  }
}
