package org.evenlobe.server.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
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

/** Diet trials, and what somebody gives on their own. */
@ExtendWith(RunningServer.class)
class TrialTest {
  private final Caller owner = Caller.newOwner();
  private final UUID trial = UUID.randomUUID();
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = now.atZone(ZoneId.of("Europe/Berlin")).toLocalDate();
  private UUID dog;

  @BeforeEach
  void dog() {
    dog = Samples.newDog(owner);
  }

  private Instant daysAgo(int days) {
    return now.minus(days, ChronoUnit.DAYS);
  }

  private Caller.Answer begun(int daysAgo, String more) {
    return owner.create(
        owner.at("/diet-trials/" + trial),
        Samples.dietTrial(dog, daysAgo(daysAgo), today.minusDays(daysAgo).toString(), more));
  }

  private Caller.Answer slip(int daysAgo, String what) {
    return owner.create(
        owner.at("/diet-slips/" + UUID.randomUUID()),
        Samples.said(
            dog,
            daysAgo(daysAgo),
            ", \"trialId\": \"%s\", \"what\": \"%s\"".formatted(trial, what)));
  }

  private JsonNode courses() {
    return owner.get(owner.at("/dogs/" + dog + "/courses")).json();
  }

  @Test
  void aSlipIsCountedAndStandsOnTheBoardForEverybody() {
    begun(20, "");

    assertThat(slip(10, "cheese").status()).isEqualTo(200);

    JsonNode one = courses().get("trials").get(0).get("now");
    assertThat(one.get("clean").asInt()).isEqualTo(10);
    assertThat(one.get("slips").get(0).get("cost").asInt()).isEqualTo(14);
    assertThat(one.get("slips").get(0).get("slip").get("what").asString()).isEqualTo("cheese");
    assertThat(courses().get("people").size()).isEqualTo(1);
    JsonNode board = owner.get(owner.at("/doses")).json();
    assertThat(board.get("trials").get(0).get("trial").get("clean").asInt()).isEqualTo(10);
  }

  @Test
  void onceItHasEndedItIsComparedWithTheTimeBefore() {
    begun(40, ", \"days\": 30");

    JsonNode full = courses().get("trials").get(0);

    assertThat(full.get("now").get("stage").asString()).isEqualTo("REACHED");
    assertThat(full.get("comparison").get("score").get("direction").asString())
        .isEqualTo("TOO_FEW");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"days\": 29 | days",
        "\"days\": 85 | days",
        "\"protein\": \" \" | protein",
        "\"startsOn\": \"2019-01-01\" | startsOn",
        "\"foodsSoFar\": [\"\"] | foodsSoFar[0]",
        "\"allowed\": [\"two\\nlines\"] | allowed[0]"
      })
  void whatIsWrongWithATrialIsNamed(String wrong, String field) {
    String body = Samples.dietTrial(dog, now, today.toString(), "");
    String name = wrong.substring(0, wrong.indexOf(':'));
    String others = body.replaceAll("(?s), %s: (\\[[^]]*]|\"[^\"]*\"|[0-9]+)".formatted(name), "");

    Caller.Answer answer =
        owner.create(
            owner.at("/diet-trials/" + trial),
            others.substring(0, others.lastIndexOf('}')) + ", " + wrong + "}");

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.body()).contains("\"" + field + "\"");
  }

  @Test
  void aSlipBeforeTheTrialOrOfAnotherDogsIsRefused() {
    begun(5, "");
    UUID other = Samples.newDog(owner);

    assertThat(slip(6, "cheese").body()).contains("before the trial");
    assertThat(
            owner
                .create(
                    owner.at("/diet-slips/" + UUID.randomUUID()),
                    Samples.said(other, now, ", \"trialId\": \"%s\"".formatted(trial)))
                .body())
        .contains("is not a diet trial of this dog");
  }

  private Caller.Answer own(String more) {
    return owner.create(
        owner.at("/own-courses/" + UUID.randomUUID()),
        Samples.said(
            dog,
            now,
            ", \"what\": \"Oil\", \"howOften\": {\"timesADay\": 1}, \"from\": \"%s\", %s"
                .formatted(today, more)));
  }

  @Test
  void whatIsGivenOnOnesOwnStandsBesideTheBenchsAnswer() {
    UUID bottle = UUID.randomUUID();
    owner.create(owner.at("/supplies/" + bottle), Samples.bottle(250, 100));

    assertThat(own("\"ears\": [\"LEFT\"], \"supplyId\": \"%s\"".formatted(bottle)).status())
        .isEqualTo(200);

    JsonNode one = courses().get("own").get(0);
    assertThat(one.get("state").asString()).isEqualTo("GOES_ON");
    assertThat(one.get("ears").get("LEFT").get("suits").asString()).isIn("OK", "CARE", "NO");
    assertThat(one.get("ears").has("RIGHT")).isFalse();
  }

  @Test
  void anOilIsToldInMilligrams() {
    own("\"ears\": [], \"supplement\": " + Samples.OIL);

    assertThat(courses().get("own").get(0).get("omega").get("milligrams").asDouble())
        .isEqualTo(800);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"ears\": [\"LEFT\"], \"supplyId\": \"00000000-0000-0000-0000-000000000001\" | supplyId",
        "\"ears\": [\"LEFT\"], \"to\": \"2020-01-01\" | to",
        "\"ears\": [\"LEFT\"], \"endWhy\": \"it hurt\" | endWhy",
        "\"ears\": [\"LEFT\"], \"supplement\": OIL | ears",
        "\"ears\": [], \"supplement\": PLANT | supplement.epa",
        "\"ears\": [], \"supplement\": CAPSULE | supplement.capsuleGrams",
        "\"ears\": [], \"supplement\": MUCH | supplement.amount"
      })
  void whatIsWrongWithItIsNamed(String wrong, String field) {
    String more =
        wrong
            .replace("OIL", Samples.OIL)
            .replace("PLANT", Samples.OIL.replace("FISH", "PLANT"))
            .replace("CAPSULE", Samples.OIL.replace("\"by\": \"TEASPOON\"", "\"by\": \"CAPSULE\""))
            .replace("MUCH", Samples.OIL.replace("\"amount\": 1", "\"amount\": 1000"));

    Caller.Answer answer = own(more);

    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.body()).contains("\"" + field + "\"");
  }
}
