package org.evenlobe.server.cleaning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest.BodyPublishers;
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
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class SessionTest {
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);
  private final String session = owner.at("/dogs/" + dog + "/session?ears=RIGHT,LEFT&helper=true");
  private final String progress = owner.at("/dogs/" + dog + "/session-progress");

  private void checked(String right, String left) {
    assertThat(
            owner
                .create(
                    owner.at("/checks/" + UUID.randomUUID()), Samples.check(dog, now, right, left))
                .status())
        .isEqualTo(200);
  }

  private Caller.Answer keep(UUID id, String step) {
    return owner.send(
        owner.json(progress).PUT(BodyPublishers.ofString(Samples.progress(id, step))));
  }

  private UUID clean(int daysAgo, String more) {
    UUID id = UUID.randomUUID();
    String body =
        Samples.cleaning(dog, now.minus(daysAgo, ChronoUnit.DAYS), 2, 3)
            .replace("\"note\": \"calm\"", more);
    assertThat(owner.create(owner.at("/cleanings/" + id), body).status()).isEqualTo(200);
    return id;
  }

  @Test
  void endsAtTheCheckUntilTheEarsWereLookedAtToday() {
    assertThat(owner.get(session).json().at("/session/steps").size()).isEqualTo(3);

    checked(Samples.WAXY_EAR, Samples.WAXY_EAR);

    JsonNode whole = owner.get(session).json();
    assertThat(whole.at("/session/ears/right/method").asString()).isEqualTo("FILL");
    assertThat(whole.at("/session/steps").toString()).contains("right-1-fill", "left-3-massage");
    assertThat(whole.at("/session/ending").isMissingNode()).isTrue();
  }

  @Test
  void goesOnWithTheOtherEarWhereOneIsFoul() {
    checked(Samples.QUIET_EAR, Samples.FOUL_EAR);

    JsonNode whole = owner.get(session).json();

    assertThat(whole.at("/session/ending").isMissingNode()).isTrue();
    assertThat(whole.at("/session/order").toString()).isEqualTo("[\"RIGHT\"]");
  }

  @Test
  void carriesItsCheckWithTheStepsThatItLeadsTo() {
    JsonNode check = owner.get(session).json().at("/session/check");

    assertThat(check.at("/tables/right/lines").size()).isGreaterThan(30);
    assertThat(check.at("/tables/right/lines/0/when/all/0/sign").asString()).isEqualTo("HEAD_TILT");
    assertThat(check.at("/ways").toString()).contains("right-1-fill", "left-wipe");
    assertThat(check.at("/sayings").size()).isEqualTo(20);
    assertThat(check.at("/closing/0/kind").asString()).isEqualTo("DRY");
  }

  @Test
  void endsWithWhatToDoWhereBothEarsAreFoul() {
    checked(Samples.FOUL_EAR, Samples.FOUL_EAR);

    JsonNode ended = owner.get(session).json();

    assertThat(ended.at("/session/steps").size()).isZero();
    assertThat(ended.at("/session/ending/cause").asString()).isEqualTo("VERDICT");
    assertThat(ended.at("/session/ending/now").asString()).contains("call your vet");
  }

  @Test
  void knowsTheFluidInEachCanalAtEveryAmount() {
    checked(Samples.QUIET_EAR, Samples.QUIET_EAR);
    JsonNode canal = owner.get(session).json().at("/canals/right");

    assertThat(canal.at("/volume"))
        .isEqualTo(
            owner.get(owner.at("/dogs/" + dog + "/tabs/inside")).json().at("/canals/right/volume"));
    assertThat(canal.at("/fluids/0/reachesBend").asBoolean()).isFalse();
    assertThat(canal.at("/fluids/20/held").asDouble())
        .isCloseTo(canal.at("/volume").asDouble(), within(0.001));
    assertThat(canal.at("/fluids/25/lost").asDouble()).isPositive();
  }

  @Test
  void refusesToCleanNoEar() {
    assertThat(owner.get(owner.at("/dogs/" + dog + "/session?ears=&helper=true")).status())
        .isEqualTo(400);
  }

  @Test
  void keepsHowFarItGotAndTheLastWriteWins() {
    UUID id = UUID.randomUUID();
    assertThat(keep(id, "position").status()).isEqualTo(204);
    assertThat(keep(id, "right-1-fill").status()).isEqualTo(204);

    JsonNode kept = owner.get(session).json().at("/progress");
    assertThat(kept.at("/id").asString()).isEqualTo(id.toString());
    assertThat(kept.at("/step").asString()).isEqualTo("right-1-fill");
    assertThat(kept.at("/secondsLeft").asInt()).isEqualTo(12);
    assertThat(kept.at("/right/pours/0/millilitres").asDouble()).isEqualTo(6.5);
  }

  @Test
  void aDraftThatComesInAfterItsSessionWasRecordedIsNotOffered() {
    keep(clean(0, "\"seconds\": 300"), "taken");

    assertThat(owner.get(session).json().at("/progress").isMissingNode()).isTrue();
  }

  @Test
  void forgetsItsOwnDraftOnly() {
    UUID id = UUID.randomUUID();
    keep(id, "position");

    owner.delete(progress + "/" + UUID.randomUUID(), 1);
    assertThat(owner.get(session).json().at("/progress/id").asString()).isEqualTo(id.toString());

    owner.delete(progress + "/" + id, 1);
    assertThat(owner.get(session).json().at("/progress").isMissingNode()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"'\"seconds\": 40', '\"seconds\": -1'", "'\"wipes\": 2', '\"wipes\": 100'"})
  void refusesProgressThatCannotBe(String was, String is) {
    String body = Samples.progress(UUID.randomUUID(), "kit").replace(was, is);

    Caller.Answer answer = owner.send(owner.json(progress).PUT(BodyPublishers.ofString(body)));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(owner.get(session).json().at("/progress").isMissingNode()).isTrue();
  }

  @Test
  void takesAsManyStatementsWithAHundredRecordsAsWithOne() {
    checked(Samples.QUIET_EAR, Samples.QUIET_EAR);
    clean(20, "\"seconds\": 300");
    int few = StatementCount.during(() -> owner.get(session));

    for (int i = 0; i < 30; i++) {
      clean(30 + i, "\"seconds\": 300");
    }

    assertThat(StatementCount.during(() -> owner.get(session))).isEqualTo(few).isLessThan(23);
  }

  @Test
  void whatItBroughtIsKeptAndTeachesTheNext() {
    UUID id = clean(0, "\"handled\": \"UNEASY\", \"seconds\": 410, \"note\": \"x\"");

    JsonNode outcome = owner.get(owner.at("/dogs/" + dog + "/cleanings/" + id + "/outcome")).json();

    assertThat(outcome.at("/minutes").asInt()).isEqualTo(7);
    assertThat(outcome.at("/daysToNext").asInt()).isBetween(5, 60);
    assertThat(outcome.at("/ears/right/news/sentence").asString())
        .startsWith("The right ear every");
    JsonNode kept =
        owner.get(owner.at("/dogs/" + dog + "/cleanings")).json().at("/cleanings/0/manner");
    assertThat(kept.at("/handled").asString()).isEqualTo("UNEASY");
  }

  @Test
  void theOutcomeOfAnothersCleaningIsNotFound() {
    assertThat(
            owner
                .get(owner.at("/dogs/" + dog + "/cleanings/" + UUID.randomUUID() + "/outcome"))
                .status())
        .isEqualTo(404);
  }

  @Test
  void aPracticeMovesTheLadderAndCanBeTakenBack() {
    String practice = owner.at("/practices/" + UUID.randomUUID());
    assertThat(
            owner
                .create(practice, Samples.practice(dog, now, "FULL_SESSION", "HAD_TO_STOP"))
                .status())
        .isEqualTo(200);

    JsonNode plan = owner.get(owner.at("/dogs/" + dog)).json().at("/plan");
    assertThat(plan.at("/trust/rung").asString()).isEqualTo("DRY_PAD");
    assertThat(plan.at("/items").toString()).contains("PRACTICE").doesNotContain(":CLEAN:");

    owner.delete(practice, 1);
    assertThat(owner.get(owner.at("/dogs/" + dog)).json().at("/plan/trust/rung").asString())
        .isEqualTo("FULL_SESSION");
  }

  @Test
  void aPracticeHasStepsForTheRung() {
    owner.create(
        owner.at("/practices/" + UUID.randomUUID()),
        Samples.practice(dog, now, "FULL_SESSION", "HAD_TO_STOP"));

    JsonNode practice =
        owner.get(owner.at("/dogs/" + dog + "/practice?helper=false")).json().at("/session");

    assertThat(practice.at("/purpose").asString()).isEqualTo("PRACTICE");
    assertThat(practice.at("/practises").asString()).isEqualTo("DRY_PAD");
    assertThat(practice.at("/steps/1/title").asString()).contains("dry pad");
  }

  @Test
  void aDogsOwnMethodStandsBeforeTheHouseholds() {
    checked(Samples.WAXY_EAR, Samples.WAXY_EAR);
    String own =
        Samples.dog()
            .replace("\"lightCoat\"", "\"ways\": {\"method\": \"SYRINGE\"}, \"lightCoat\"");
    assertThat(owner.correct(owner.at("/dogs/" + dog), 1, own).status()).isEqualTo(200);

    JsonNode whole = owner.get(session).json();
    assertThat(whole.at("/session/ears/left/method").asString()).isEqualTo("SYRINGE");
    assertThat(whole.at("/session/steps").toString()).contains("left-5-syringe");
  }

  @Test
  void aSyringeStartsLowAndLearnsFromARoundThatCameBackOut() {
    checked(Samples.WAXY_EAR, Samples.WAXY_EAR);
    String own =
        Samples.dog()
            .replace("\"lightCoat\"", "\"ways\": {\"method\": \"SYRINGE\"}, \"lightCoat\"");
    owner.correct(owner.at("/dogs/" + dog), 1, own);
    double before = syringe();
    double low =
        owner
            .get(owner.at("/dogs/" + dog + "/tabs/inside"))
            .json()
            .at("/canals/left/low")
            .asDouble();
    String body =
        Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 1)
            .replace("FILL", "SYRINGE")
            .replace("\"load\": 1", "\"load\": 1, \"cameBack\": 9.5");
    assertThat(owner.create(owner.at("/cleanings/" + UUID.randomUUID()), body).status())
        .isEqualTo(200);

    assertThat(before).isEqualTo(low);
    assertThat(syringe()).isGreaterThan(before);
  }

  private double syringe() {
    for (JsonNode step : owner.get(session).json().at("/session/steps")) {
      if (step.get("kind").asString().equals("SYRINGE")) {
        return step.get("volume").asDouble();
      }
    }
    throw new AssertionError("no step with a syringe");
  }
}
