package org.evenlobe.server.cleaning;

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
class CleaningTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final String path = owner.at("/cleanings/" + UUID.randomUUID());

  private String body() {
    return Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 2);
  }

  private JsonNode dogInFull() {
    return owner.get(owner.at("/dogs/" + dog)).json();
  }

  private JsonNode log() {
    return owner.get(owner.at("/dogs/" + dog + "/cleanings")).json();
  }

  private JsonNode nextCleaning() {
    return dogInFull()
        .at("/plan/items")
        .valueStream()
        .filter(item -> item.get("kind").asString().equals("CLEAN"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void isKeptAsItWasSaid() {
    owner.create(path, body());

    JsonNode cleaning = log().at("/cleanings/0");

    assertThat(cleaning.at("/moment/at").asString()).isEqualTo("2026-01-01T10:00:00Z");
    assertThat(cleaning.at("/moment/zone").asString()).isEqualTo("Europe/Berlin");
    assertThat(cleaning.at("/ears/right/load").asInt()).isEqualTo(1);
    assertThat(cleaning.at("/ears/left/load").asInt()).isEqualTo(2);
    assertThat(cleaning.get("note").asString()).isEqualTo("calm");
  }

  @Test
  void mayBeOfOneEar() {
    String body = body().replaceAll("\"right\": \\{[^}]*},", "");

    assertThat(owner.create(path, body).status()).isEqualTo(200);
    assertThat(log().at("/cleanings/0/ears").has("right")).isFalse();
    assertThat(dogInFull().at("/plan/ears/right").has("lastCleaned")).isFalse();
  }

  @Test
  void movesTheDateWithItsReason() {
    LocalDate today = LocalDate.now(ZONE);
    assertThat(nextCleaning().at("/window/best").asString()).isEqualTo("2025-01-01");

    Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
    owner.create(path, Samples.cleaning(dog, now, 2, 2));

    assertThat(nextCleaning().at("/window/best").asString())
        .isEqualTo(today.plusDays(14).toString());
    assertThat(nextCleaning().at("/reasons/0/sentence").asString())
        .isEqualTo("The right ear was last cleaned today and is planned every 14 days.");
  }

  @ParameterizedTest(name = "{0} → {1} is refused at {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "2026-01-01T10     | 2999-01-01T10                  | at",
        "2026-01-01T10     | 2020-01-01T10                  | at",
        "2026-01-01T10     | 1020-01-01T10                  | at",
        "\"load\": 1       | \"load\": 7                    | ears.right.load",
        "\"load\": 2       | \"load\": -1                   | ears.left.load",
        "\"load\": 2       | \"load\": 1.5                  | ears.left.load",
        "\"load\": 2       | \"load\": \"2\"                | ears.left.load",
        "\"load\": 2       | \"load\": null                 | ears.left.load",
        "\"FILL\"          | \"HOSE\"                       | ears.right.method",
        "Europe/Berlin     | Europe/Atlantis                | zone",
        "\"note\"          | \"remark\"                     | remark",
      })
  void refusesWhatIsWrongAndNamesTheField(String right, String wrong, String field) {
    String bent = body().replace(right, wrong);
    assertThat(bent).isNotEqualTo(body());

    Caller.Answer answer = owner.create(path, bent);

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).as(answer.body()).contains(field);
    assertThat(log().get("cleanings")).isEmpty();
  }

  @Test
  void refusesOneOfNoEar() {
    Caller.Answer answer =
        owner.create(path, body().replaceAll("\"ears\": \\{.*}},", "\"ears\": {},"));

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("ears");
  }

  @Test
  void refusesOneOfNoDog() {
    Caller.Answer answer =
        owner.create(path, body().replace(dog.toString(), UUID.randomUUID().toString()));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("dogId");
  }
}
