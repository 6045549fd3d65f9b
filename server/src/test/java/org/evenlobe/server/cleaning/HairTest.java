package org.evenlobe.server.cleaning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class HairTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final Caller owner = Caller.newOwner();
  private final UUID dog = UUID.randomUUID();
  private final String path = owner.at("/hair/" + UUID.randomUUID());
  private final String record = owner.at("/dogs/" + dog + "/tabs/record");

  @BeforeEach
  void addADogWithHairInItsCanals() {
    String hairy = Samples.dog().replace("\"canalHair\": \"NONE\"", "\"canalHair\": \"SOME\"");
    assertThat(owner.create(owner.at("/dogs/" + dog), hairy).status()).isEqualTo(200);
  }

  private String done(String ear, String work, String by) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "ear": %s, "work": "%s", "by": "%s"}"""
        .formatted(dog, now, ear, work, by);
  }

  private void trimEvery(String weeks) {
    assertThat(settings(weeks).status()).isEqualTo(200);
  }

  private Caller.Answer settings(String weeks) {
    String trimming =
        Samples.settings("Reedbed")
            .replace("\"hair\": \"LEAVE\"", "\"hair\": \"TRIM\", \"hairWeeks\": " + weeks);
    return owner.correct(owner.settings(), 1, trimming);
  }

  private JsonNode inFull() {
    return owner.get(owner.at("/dogs/" + dog)).json();
  }

  @Test
  void isKeptAndComesBackByThePersonsWeeks() {
    trimEvery("5");
    assertThat(owner.create(path, done("\"LEFT\"", "TRIMMED", "GROOMER")).status()).isEqualTo(200);

    JsonNode kept = owner.get(record).json().at("/hair/0");
    assertThat(kept.get("ear").asString()).isEqualTo("LEFT");
    assertThat(kept.get("by").asString()).isEqualTo("GROOMER");
    assertThat(inFull().at("/plan/items").toString())
        .contains("\"kind\":\"HAIR\"", "every 5 weeks");
  }

  @Test
  void isOfBothEarsWhereNoneIsNamed() {
    assertThat(owner.create(path, done("null", "COMBED", "HOUSEHOLD")).status()).isEqualTo(200);

    assertThat(owner.get(record).json().at("/hair/0").has("ear")).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "'\"MIDDLE\"', TRIMMED, VET, ear",
    "null, SHAVED, VET, work",
    "null, COMBED, CAT, by"
  })
  void refusesWhatIsNoHairCareByName(String ear, String work, String by, String field) {
    assertThat(owner.create(path, done(ear, work, by)).refusedFields()).containsExactly(field);
  }

  @ParameterizedTest
  @CsvSource({"0", "53"})
  void refusesWeeksThatAreNone(String weeks) {
    assertThat(settings(weeks).refusedFields()).containsExactly("hairWeeks");
  }
}
