package org.evenlobe.server.dog;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
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
class DogTest {
  private final Caller owner = Caller.newOwner();
  private final String path = owner.at("/dogs/" + UUID.randomUUID());

  @Test
  void isKeptAsItWasSaid() {
    owner.create(path, Samples.dog("Fen"));

    JsonNode profile = owner.get(path).json().at("/dog/profile");

    assertThat(profile.get("name").asString()).isEqualTo("Fen");
    assertThat(profile.at("/weights/0/weight").asDouble()).isEqualTo(12.5);
    assertThat(profile.at("/breeds/0").asString()).isEqualTo("beagle");
    assertThat(profile.at("/ears/carriage").asString()).isEqualTo("PENDULOUS");
    assertThat(profile.at("/life/water").asString()).isEqualTo("NEVER");
  }

  @Test
  void mayLeaveOutWhatIsNotKnown() {
    String body =
        Samples.dog()
            .replace("\"bornOn\": \"2021-05-01\",", "")
            .replace("{\"on\": \"2025-02-01\", \"weight\": 12.5}", "")
            .replace("[\"beagle\"]", "[]");

    assertThat(owner.create(path, body).status()).isEqualTo(200);
    assertThat(owner.get(path).json().at("/dog/profile").has("bornOn")).isFalse();
  }

  @ParameterizedTest(name = "{0} → {1} is refused at {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "\"2021-05-01\"    | \"2999-05-01\"                    | bornOn",
        "\"2021-05-01\"    | \"1921-05-01\"                    | bornOn",
        "\"2021-05-01\"    | \"2021-02-30\"                    | bornOn",
        "\"2025-01-01\"    | \"2999-01-01\"                    | joinedOn",
        "\"2025-01-01\"    | null                              | joinedOn",
        "12.5              | 0                                 | weights[0].weight",
        "12.5              | 300                               | weights[0].weight",
        "12.5              | -3                                | weights[0].weight",
        "12.5              | \"12.5\"                          | weights[0].weight",
        "12.5              | \"heavy\"                         | weights[0].weight",
        "2025-02-01        | 2999-02-01                        | weights[0].on",
        "2025-02-01        | 2020-02-01                        | weights[0].on",
        "NEVER_EXAMINED    | SEEN_INTACT                       | eardrum.on",
        "\"joinedOn\":     | \"leftOn\": \"2024-01-01\", \"joinedOn\": | leftOn",
        "\"beagle\"        | \"sea-otter\"                     | breeds[0]",
        "[\"beagle\"]      | [\"beagle\",\"pug\",\"boxer\"]    | breeds",
        "[\"beagle\"]      | [null]                            | breeds[0]",
        "\"Fen\"           | \"  \"                            | name",
        "\"Fen\"           | 7                                 | name",
        "\"Fen\"           | \"a\\u0000b\"                     | name",
        "\"Fen\"           | \"a\\ud800b\"                     | name",
        "\"PENDULOUS\"     | \"FLOPPY\"                        | ears.carriage",
        "\"PENDULOUS\"     | 3                                 | ears.carriage",
        "\"cropped\": false, | ''                              | ears.cropped",
        "\"NEVER\"         | null                              | life.water",
        "\"name\":         | \"nickname\":                     | nickname",
        "\"water\":        | \"wet\": 1, \"water\":            | life.wet",
      })
  void refusesWhatIsWrongAndNamesTheField(String right, String wrong, String field) {
    String body = Samples.dog().replace(right, wrong);
    assertThat(body).isNotEqualTo(Samples.dog());

    Caller.Answer answer = owner.create(path, body);

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).as(answer.body()).contains(field);
    assertThat(answer.json().get("detail").asString()).startsWith("Nothing was saved");
    assertThat(owner.get(path).status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"{\"name\": \"Fen\"", "[]", "''", "not json", "{} {}", "null", "\"Fen\""})
  void refusesWhatIsNotADog(String body) {
    Caller.Answer answer = owner.create(path, body);

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("errors")).isNotEmpty();
  }

  @Test
  void refusesANameOfSixtyKilobytes() {
    Caller.Answer answer = owner.create(path, Samples.dog("x".repeat(60_000)));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("name");
    assertThat(answer.body()).hasSizeLessThan(1000);
  }

  @Test
  void refusesBytesThatAreNoText() {
    byte[] body = Samples.dog("Fan").getBytes(StandardCharsets.ISO_8859_1);
    for (int i = 0; i < body.length; i++) {
      if (body[i] == 'F') {
        body[i] = (byte) 0xE4;
        break;
      }
    }

    Caller.Answer answer =
        owner.send(
            owner
                .json(path)
                .header("If-None-Match", "*")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofByteArray(body)));

    assertThat(answer.status()).isEqualTo(400);
  }

  @Test
  void anIdThatIsNoUuidIsNotFound() {
    assertThat(owner.get(owner.at("/dogs/1")).status()).isEqualTo(404);
  }

  @Test
  void theIntervalIsPreviewedWithoutStoringAnything() {
    JsonNode preview = owner.post(owner.at("/previews/interval"), Samples.dog()).json();

    // a beagle: 2.0 · (2.54 / 1.76)^0.35 = 2.27, so 12.3 days and the rung of 14
    assertThat(preview.at("/start/base").asInt()).isEqualTo(14);
    assertThat(preview.at("/loadFactor/reasons")).hasSizeGreaterThan(8);
    assertThat(owner.get(owner.at("/today")).json().get("dogs")).isEmpty();
  }

  @Test
  void aLitterThatEndsBeforeItBeginsIsRefusedInThePreviewToo() {
    String said =
        Samples.dog()
            .replaceFirst(
                "\\{", "{\"litter\": {\"from\": \"2026-02-02\", \"until\": \"2026-02-01\"},");

    assertThat(owner.post(owner.at("/previews/interval"), said).refusedFields())
        .containsExactly("litter.until");
    assertThat(owner.create(owner.at("/dogs/" + UUID.randomUUID()), said).refusedFields())
        .containsExactly("litter.until");
  }

  @Test
  void aDogBornTodayWhereItLivesIsTaken() {
    String today = LocalDate.now(java.time.ZoneId.of("Europe/Berlin")).toString();

    assertThat(
            owner
                .create(
                    path, Samples.dog().replace("2021-05-01", today).replace("2025-02-01", today))
                .status())
        .isEqualTo(200);
  }
}
