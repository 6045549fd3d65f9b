package org.evenlobe.server.ear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
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
class CanalTest {
  private final Caller owner = Caller.newOwner();

  @Test
  void eachEarLearnsFromItsOwnFills() {
    UUID dog = Samples.newDog(owner);
    String body =
        Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 1)
            .replaceFirst("\"load\": 1", "\"load\": 1, \"poured\": 16, \"fills\": 2");
    assertThat(owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body).status())
        .isEqualTo(200);

    JsonNode canals = owner.get(owner.at("/dogs/" + dog + "/tabs/inside")).json().get("canals");

    // 12.5 kg: 4.5 mL; one fill of 8 mL draws the right ear's up
    assertThat(canals.at("/left/volume").asDouble()).isCloseTo(4.5, within(0.1));
    assertThat(canals.at("/right/volume").asDouble()).isBetween(6.0, 8.0);
    assertThat(canals.at("/right/fills").asInt()).isEqualTo(1);
  }

  @Test
  void withoutAWeightNothingIsSaid() {
    UUID dog = UUID.randomUUID();
    owner.create(
        owner.at("/dogs/" + dog),
        Samples.dog().replace("{\"on\": \"2025-02-01\", \"weight\": 12.5}", ""));

    assertThat(owner.get(owner.at("/dogs/" + dog + "/tabs/inside")).json().has("canals")).isFalse();
  }

  @Test
  void thePreviewSaysWhereTheFluidStands() {
    JsonNode preview = owner.get(owner.at("/previews/canal?volume=6.7&poured=0.25&tilt=0")).json();

    assertThat(preview.at("/fluid/reachesBend").asBoolean()).isFalse();
    assertThat(preview.at("/canal/vertical/length").asDouble()).isCloseTo(5, within(0.05));
  }

  @ParameterizedTest
  @CsvSource({
    "volume=0&poured=1&tilt=0, volume",
    "volume=6&poured=-1&tilt=0, poured",
    "volume=6&poured=1&tilt=61, tilt",
    "volume=NaN&poured=1&tilt=1, volume",
    "volume=six&poured=1&tilt=1, volume",
  })
  void refusesWhatIsWrong(String query, String field) {
    Caller.Answer answer = owner.get(owner.at("/previews/canal?" + query));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly(field);
  }

  @Test
  void aCrossTakesTheTraitsThatCloseTheEarMore() {
    JsonNode cross = owner.get("/api/breeds/cross?one=border-collie&two=miniature-poodle").json();

    assertThat(cross.at("/ears/carriage").asString()).isEqualTo("PENDULOUS");
    assertThat(owner.get("/api/breeds/cross?one=border-collie&two=otter").refusedFields())
        .containsExactly("two");
  }
}
