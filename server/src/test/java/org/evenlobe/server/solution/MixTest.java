package org.evenlobe.server.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Collections;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class MixTest {
  private static final String VINEGAR =
      """
      {"ingredient": "white-vinegar", "amount": 60}, {"ingredient": "water", "amount": 60}""";

  private final Caller owner = Caller.newOwner();

  private Caller.Answer preview(String parts) {
    return owner.post(owner.at("/previews/mix"), "{\"parts\": [" + parts + "]}");
  }

  @Test
  void saysWhatIsInItAndWhichEarsItSuits() {
    UUID dog = Samples.newDog(owner);
    String check =
        Samples.check(
            dog,
            Instant.now().minusSeconds(60),
            Samples.QUIET_EAR.replace("\"redness\": \"NONE\"", "\"redness\": \"MODERATE\""),
            Samples.QUIET_EAR);
    assertThat(owner.create(owner.at("/checks/" + UUID.randomUUID()), check).status())
        .isEqualTo(200);

    JsonNode mix = preview(VINEGAR).json();

    assertThat(mix.at("/ph").asDouble()).isCloseTo(2.57, within(0.005));
    assertThat(mix.at("/strengths/0/strength").asDouble()).isEqualTo(2.5);
    assertThat(mix.at("/dogs/0/ears/right/inEar/suits").asString()).isEqualTo("NO");
    assertThat(mix.at("/dogs/0/ears/right/inEar/reasons/0/reason/sentence").asString())
        .isNotEmpty();
    assertThat(mix.at("/dogs/0/ears/left/inEar/suits").asString()).isEqualTo("OK");
  }

  @Test
  void takesAnotherStrengthThanOnTheShelf() {
    JsonNode mix =
        preview(
                "{\"ingredient\": \"white-vinegar\", \"amount\": 100,"
                    + " \"strengths\": {\"ACETIC_ACID\": 10}}")
            .json();

    assertThat(mix.at("/strengths/0/strength").asDouble()).isEqualTo(10);
  }

  @Test
  void saysTheNearestThatSuitsAnEar() {
    UUID dog = Samples.newDog(owner);
    String strong = "{\"parts\": [{\"ingredient\": \"white-vinegar\", \"amount\": 120}]}";
    String to = owner.at("/dogs/" + dog + "/previews/nearest-mix?ear=");

    JsonNode nearest = owner.post(to + "LEFT", strong).json();

    assertThat(nearest.at("/parts/0/amount").asDouble()).isCloseTo(60, within(0.01));
    assertThat(nearest.at("/parts/1/ingredient").asString()).isEqualTo("water");
    assertThat(nearest.at("/reasons/0/sentence").asString())
        .isEqualTo("Only 60 mL of white vinegar instead of 120 mL.");
    assertThat(owner.post(to + "NOSE", strong).status()).isEqualTo(400);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"ingredient\": \"water\", \"amount\": -1}           | parts[0].amount",
        "{\"ingredient\": \"water\", \"amount\": 10000000}     | parts[0].amount",
        "{\"ingredient\": \"water\", \"amount\": 0}            | parts",
        "{\"ingredient\": \"water\", \"amount\": 100, \"measure\": \"CUP\"} | parts[0].amount",
        "{\"ingredient\": \"water\", \"amount\": 1, \"measure\": \"BUCKET\"} | parts[0].measure",
        "{\"ingredient\": \"moonshine\", \"amount\": 1}        | parts[0].ingredient",
        "{\"ingredient\": \"white-vinegar\", \"amount\": 1, \"strengths\": {\"ACETIC_ACID\": 140}} | parts[0].strengths[ACETIC_ACID]",
        "{\"ingredient\": \"water\", \"amount\": 1, \"strengths\": {\"ETHANOL\": 5}} | parts[0].strengths"
      })
  void refusesWhatIsNoMixByName(String part, String field) {
    Caller.Answer answer = preview(part);

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.refusedFields()).as(answer.body()).containsExactly(field);
  }

  @Test
  void refusesNothingAndFortyIngredients() {
    assertThat(preview("").refusedFields()).containsExactly("parts");
    String forty =
        String.join(",", Collections.nCopies(40, "{\"ingredient\": \"water\", \"amount\": 1}"));
    assertThat(preview(forty).refusedFields()).containsExactly("parts");
  }

  @Test
  void takesAsManyStatementsForManyDogsAsForOne() {
    Samples.newDog(owner);
    preview(VINEGAR);
    int one = StatementCount.during(() -> preview(VINEGAR));
    for (int i = 0; i < 5; i++) {
      Samples.newDog(owner);
    }
    preview(VINEGAR);

    assertThat(StatementCount.during(() -> preview(VINEGAR))).isEqualTo(one);
  }

  @Test
  void theSchoolsHaveCardsWithANearestWhereTheRulesSpeakAgainstThem() {
    JsonNode cards = owner.get("/api/recipes").json();

    assertThat(cards.size()).isEqualTo(10);
    for (JsonNode card : cards) {
      boolean suits = card.at("/said/suits").asString().equals("OK");
      assertThat(card.at("/changes").isEmpty()).as(card.toString()).isEqualTo(suits);
      assertThat(card.at("/nearest").isEmpty()).isFalse();
    }
  }

  @Test
  void theShelfIsThere() {
    JsonNode shelf = owner.get("/api/ingredients").json();

    assertThat(shelf.size()).isGreaterThan(24);
    assertThat(shelf.at("/0/id").asString()).isEqualTo("water");
  }
}
